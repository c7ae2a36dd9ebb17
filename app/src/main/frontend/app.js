// What every page has: the units of a picture, and the search key.

// How many picture units a screen pixel is, so that glyphs and texts keep their size however the picture is scaled.
function measure(svg) {
  const matrix = svg.getScreenCTM();
  if (!matrix || !(matrix.a > 0)) return;
  svg.style.setProperty("--u", String(1 / matrix.a));
  if (svg.classList.contains("wall")) fanOut(svg, FAN_PX / matrix.a);
}

// Glyphs of marks that lie close together stand above and below each other, each tied to its place by a line: what is beside
// a mark, at its own height, stays free for the next.
const FAN_PX = 25;
const WITH_NUMBER = 1.5; // its number stands beside it
const LEVELS = [0, -1, 1, -2, 2, -3, 3, -4, 4];

function fanOut(svg, least) {
  const stand = [];
  for (const element of svg.querySelectorAll(".mark > .placed")) {
    const x = Number(element.dataset.x);
    const y = Number(element.dataset.y);
    const isFree = (level) =>
      stand.every((other) => Math.abs(other.x - x) >= least * WITH_NUMBER || Math.abs(other.y - y - level * least) >= least * 0.98);
    const dy = (LEVELS.find(isFree) ?? 0) * least;
    stand.push({ x, y: y + dy });
    element.style.setProperty("--fan", `${dy}px`);
    element.dataset.standsAt = y + dy;
    element.querySelector(".tie").setAttribute("y2", dy);
  }
}

function measureAll(root) {
  for (const svg of root.querySelectorAll("svg[data-scaled]")) measure(svg);
}

// Whoever works by keyboard stays where they are when a part of the page is drawn anew: at the same control or, where that is gone, at
// the first of what is around it.
function rememberFocus() {
  const at = document.activeElement;
  if (!at || at === document.body) return null;
  const around = [];
  for (let each = at.parentElement; each && each !== document.body; each = each.parentElement) if (each.id) around.push(each.id);
  return { id: at.id, action: at.form?.getAttribute("action"), name: at.name, value: at.value, around };
}

function isLost() {
  return !document.activeElement || document.activeElement === document.body;
}

function giveFocusBack(was) {
  if (!was || !isLost()) return;
  const isSame = (button) =>
    button.form?.getAttribute("action") === was.action && button.name === was.name && button.value === was.value;
  const same = (was.id && document.getElementById(was.id)) || (was.action && [...document.querySelectorAll("button")].find(isSame));
  same?.focus?.({ preventScroll: true });
  for (const id of was.around) {
    if (!isLost()) return;
    document.getElementById(id)?.querySelector("summary, button, a[href]")?.focus({ preventScroll: true });
  }
}

window.lumko = { measureAll, rememberFocus, giveFocusBack };

// The search from anywhere.
document.addEventListener("keydown", (event) => {
  if (event.key === "/" && !event.ctrlKey && !event.metaKey && !event.altKey && !event.target.closest("input, select, textarea")) {
    const find = document.getElementById("find");
    if (find) {
      event.preventDefault();
      find.click();
    }
  }
});

// A field that sifts a list: what has not all the words typed is out of sight.
document.addEventListener("input", (event) => {
  const list = document.getElementById(event.target.dataset?.sifts ?? "");
  if (!list) return;
  const words = event.target.value.toLowerCase().split(/\s+/).filter(Boolean);
  for (const item of list.children) item.hidden = !words.every((word) => item.textContent.toLowerCase().includes(word));
});

// A picture of a wall that says where something is: a tap is its middle, or where it stands on the floor.
document.addEventListener("click", (event) => {
  const svg = event.target.closest?.("svg[data-sets]");
  if (!svg) return;
  const form = document.getElementById(svg.dataset.sets);
  const usual = form.querySelector("select").selectedOptions[0].dataset;
  const spot = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
  const unit = Number(svg.dataset.mm);
  // what was typed goes before what is usual; a size with inches in it is left to the server
  const size = (name, otherwise) => (Number(form.elements[name].value.replace(",", ".")) || 0) * unit || Number(otherwise);
  const wide = size("featureWidth", usual.wide);
  const high = size("featureHeight", usual.high);
  const left = Math.max(0, spot.x - wide / 2);
  const bottom = usual.floor === "true" ? 0 : Math.max(0, Number(svg.dataset.high) - spot.y - high / 2);
  const typed = (mm) => String(Math.round((mm / unit) * 100) / 100);
  form.elements.left.value = typed(left);
  form.elements.bottom.value = typed(bottom);
  const here = svg.querySelector(".set-here");
  for (const [name, value] of [["x", left], ["y", Number(svg.dataset.high) - bottom - high], ["width", wide], ["height", high]])
    here.setAttribute(name, value);
});

document.addEventListener("DOMContentLoaded", () => measureAll(document));
// who begins is asked for their time zone: their browser knows it
document.addEventListener("DOMContentLoaded", () => {
  const zone = document.querySelector("[data-own-zone=true]");
  if (zone) zone.value = Intl.DateTimeFormat().resolvedOptions().timeZone ?? zone.value;
});
window.addEventListener("resize", () => measureAll(document));
document.addEventListener("htmx:after:swap", (event) => {
  measureAll(document);
  // what was opened is shown, also where it lies below the screen
  const stack = document.getElementById("stack");
  const swapped = event.detail?.ctx?.target ?? event.target;
  if (stack && swapped?.id === "stack" && stack.getBoundingClientRect().top > innerHeight - 120) stack.scrollIntoView({ block: "start" });
});

// A form that puts something right takes along what stood in its fields, so that the next page can offer that back. After a
// refusal the fields hold what was refused: then nobody knows.
document.addEventListener("submit", (event) => {
  const form = event.target;
  if (!form.matches("form[data-puts-right]") || document.querySelector(".error [role=alert], .error:not(:empty)")) return;
  for (const old of form.querySelectorAll("[data-was]")) old.remove();
  const stood = [];
  for (const field of form.elements) {
    if (!field.name || field.name.startsWith("_") || field.name === "version" || field.type === "submit") continue;
    if (field.type === "checkbox" || field.type === "radio") {
      if (field.defaultChecked) stood.push([field.name, field.value]);
    } else if (field.tagName === "SELECT") {
      const option = [...field.options].find((each) => each.defaultSelected) ?? field.options[0];
      stood.push([field.name, option?.value ?? ""]);
    } else if (field.tagName !== "BUTTON") {
      stood.push([field.name, field.defaultValue]);
    }
  }
  for (const [name, value] of stood) {
    const was = Object.assign(document.createElement("input"), { type: "hidden", name: `was-${name}`, value });
    was.dataset.was = "";
    form.append(was);
  }
});

// Long work tells how far it is while the browser waits for the next page.
function count(path) {
  const bar = document.getElementById("counted");
  bar.hidden = false;
  setInterval(async () => {
    try {
      const answer = await fetch(path);
      const [rows, of] = (await answer.text()).split("/").map(Number);
      if (answer.ok && of) {
        bar.max = of;
        bar.value = rows;
      }
    } catch {
      // the next page is on its way
    }
  }, 500);
}

document.addEventListener("submit", (event) => {
  if (event.target.matches("form[data-counts]")) count(event.target.dataset.counts);
});

document.addEventListener("DOMContentLoaded", () => {
  const long = document.querySelector("main[data-then]");
  if (long) {
    count(long.dataset.counts);
    location.replace(long.dataset.then);
  }
});

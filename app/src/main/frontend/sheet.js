// Drying clocks count down from the moment the server gave; they only show, the server decides.
function words(seconds) {
  if (seconds <= 0) return "";
  const minutes = Math.ceil(seconds / 60);
  return minutes < 60 ? `${minutes} min` : `${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, "0")}`;
}

function countDown() {
  const now = Date.now() / 1000;
  for (const clock of document.querySelectorAll("[data-ready]")) {
    const left = Number(clock.dataset.ready) - now;
    clock.textContent = words(left);
    if (left <= 0 && clock.dataset.ran === "true") document.dispatchEvent(new CustomEvent("lumko:clock-ended"));
    clock.dataset.ran = String(left > 0);
  }
}

// A clock that ends calls: two notes, a short buzz, and the title until somebody looks.
function call() {
  navigator.vibrate?.([300, 150, 300]);
  try {
    const audio = new AudioContext();
    for (const [at, hertz] of [
      [0, 660],
      [0.35, 880],
    ]) {
      const note = audio.createOscillator();
      const loud = audio.createGain();
      note.frequency.value = hertz;
      loud.gain.setValueAtTime(0.2, audio.currentTime + at);
      loud.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + at + 0.3);
      note.connect(loud).connect(audio.destination);
      note.start(audio.currentTime + at);
      note.stop(audio.currentTime + at + 0.3);
    }
  } catch {
    // no sound on this device: title and page still tell
  }
  const title = document.title;
  document.title = `● ${title}`;
  const seen = () => {
    document.title = title;
    window.removeEventListener("focus", seen);
    window.removeEventListener("pointerdown", seen);
  };
  window.addEventListener("focus", seen);
  window.addEventListener("pointerdown", seen);
}
document.addEventListener("lumko:clock-ended", call);

// What a colleague ticks arrives: the page asks for the pulse of the sheet and fetches the steps when it has changed, unless
// somebody is typing here.
const PULSE_MS = 4000;
async function askPulse() {
  const live = document.getElementById("live");
  if (!live || document.hidden) return;
  try {
    const response = await fetch(live.dataset.pulseAt, { headers: { Accept: "text/plain" } });
    if (!response.ok || response.redirected) return;
    const pulse = await response.text();
    const typing = live.contains(document.activeElement) && document.activeElement.matches("input, select, textarea");
    if (pulse !== live.dataset.pulse && !typing) document.dispatchEvent(new CustomEvent("lumko:changed"));
  } catch {
    // no signal: the next time
  }
}
setInterval(askPulse, PULSE_MS);

// What is being typed outlives a swap of the steps, until its own form is sent.
const drafts = new Map();
document.addEventListener("input", (event) => {
  if (event.target.id && event.target.closest("#live")) drafts.set(event.target.id, event.target.value);
});
document.addEventListener("submit", (event) => {
  for (const field of event.target.querySelectorAll("input[id]")) drafts.delete(field.id);
});
document.addEventListener("htmx:after:swap", () => {
  for (const [id, value] of drafts) {
    const field = document.getElementById(id);
    if (field && field.type !== "checkbox" && field.type !== "radio") field.value = value;
  }
});

document.addEventListener("DOMContentLoaded", countDown);
document.addEventListener("htmx:after:swap", countDown);
setInterval(countDown, 1000);

// What is done folds away, and a tick never moves what is under the thumb: the next step takes the place of the one before.
document.documentElement.classList.add("js");
function unfold(button) {
  const isUnfolded = document.querySelector("main").classList.toggle("unfolded");
  button.setAttribute("aria-expanded", String(isUnfolded));
}
document.addEventListener("click", (event) => {
  const button = event.target.closest?.("[data-unfold]");
  if (button) unfold(button);
});

// Ticks, cautions read and notes go through the outbox with the moment they were made: without signal they show as not sent yet
// and arrive later.
const sheetId = () => document.getElementById("live")?.dataset.sheet ?? "";

document.addEventListener(
  "submit",
  (event) => {
    const form = event.target;
    if (!form.hasAttribute("data-outbox") || !window.lumko.outbox) return;
    event.preventDefault();
    event.stopImmediatePropagation();
    const values = Object.fromEntries(new FormData(form, event.submitter));
    delete values._csrf;
    values.at = new Date().toISOString();
    const where = document.querySelector("h1").textContent.trim();
    const what = event.submitter?.getAttribute("aria-label") ?? event.submitter?.textContent.trim() ?? "";
    for (const field of form.querySelectorAll("input[id]")) drafts.delete(field.id);
    window.lumko.outbox.send(form.getAttribute("action"), values, { wall: sheetId(), where, what }).then(showUnsent);
    if (form.querySelector("#note")) form.reset();
  },
  true,
);

// What waits on this device shows at what it is about.
async function showUnsent() {
  const items = (await window.lumko.outbox?.unsent(sheetId())) ?? [];
  const said = document.querySelector("[data-not-sent]")?.dataset.notSent ?? "";
  for (const button of document.querySelectorAll("#live form[data-outbox] button")) {
    const isWaiting = items.some((item) => item.url === button.form.getAttribute("action") && !item.url.endsWith("/notes"));
    button.classList.toggle("pending", isWaiting);
    if (isWaiting) button.dataset.pending = said;
  }
  const list = document.getElementById("unsent-notes");
  list?.replaceChildren(
    ...items
      .filter((item) => item.url.endsWith("/notes"))
      .map((item) => Object.assign(document.createElement("li"), { textContent: `${item.values.note} · ${said}`, className: "py-1.5" })),
  );
}

document.addEventListener("lumko:arrived", (event) => {
  const { item, body, status, isLast } = event.detail;
  if (item.wall !== sheetId() || status >= 500) return;
  const live = new DOMParser().parseFromString(body, "text/html").getElementById("live");
  if (!live) return;
  if (status >= 400) event.preventDefault();
  if (!isLast && status < 400) return;
  hold();
  document.getElementById("live").replaceWith(live);
  window.htmx?.process(live);
  document.dispatchEvent(new CustomEvent("htmx:after:swap", { detail: {} }));
});
document.addEventListener("DOMContentLoaded", () => setTimeout(showUnsent));
document.addEventListener("htmx:after:swap", showUnsent);

// What a phone has no room for is folded there until somebody opens it.
document.addEventListener("DOMContentLoaded", () => {
  if (!matchMedia("(max-width: 900px)").matches) return;
  for (const each of document.querySelectorAll("details.folded-on-phone")) each.open = false;
});

let held = null;
const folded = new Map();
const isSeen = (step) => step && step.getClientRects().length > 0;
function hold() {
  const next = document.querySelector(".sheet-step.next");
  const touched = document.activeElement?.closest(".sheet-step.later");
  const kept = touched ?? next;
  held = kept && { id: kept.id, top: kept.getBoundingClientRect().top, focus: window.lumko.rememberFocus() };
  folded.clear();
  for (const details of document.querySelectorAll("#live details[id]")) folded.set(details.id, details.open);
}
document.addEventListener("htmx:before:swap", (event) => {
  const swapped = event.detail?.ctx?.target ?? event.target;
  // at the top of the page what comes in above the steps moves them, and nothing slides under the upper edge
  if (swapped.id === "live" || window.scrollY > 0) return hold();
  held = null;
  folded.clear();
});
document.addEventListener("htmx:after:swap", () => {
  for (const details of document.querySelectorAll("#live details[id]")) {
    if (details.querySelector("[aria-invalid=true]") || !folded.has(details.id)) continue;
    if (details.matches(".folded-on-phone")) details.open = folded.get(details.id);
    else details.open ||= folded.get(details.id);
  }
  const unfolded = document.querySelector("main").classList.contains("unfolded");
  document.querySelector("[data-unfold]")?.setAttribute("aria-expanded", String(unfolded));
  if (!held) return;
  const before = document.getElementById(held.id);
  const now = isSeen(before) ? before : document.querySelector(".sheet-step.next");
  if (isSeen(now)) {
    window.scrollBy(0, now.getBoundingClientRect().top - held.top);
    // what was ticked has folded away: the next step has its place
    const same = held.focus?.id ? document.getElementById(held.focus.id) : null;
    if (held.focus && !isSeen(same)) now.querySelector(".tick")?.focus({ preventScroll: true });
  }
  window.lumko.giveFocusBack(held.focus);
  held = null;
});

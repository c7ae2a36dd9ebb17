// Arrow keys go from stroke to stroke: up and down in a flat, left and right to the next flat at about the same time.
// Dragging a stroke of the plan to another time, or onto a painter: what that would do is asked of the server whenever the hand
// rests, and told beside the drawing; a finger holds a stroke for a moment before it drags, because a finger that moves at once
// scrolls. Letting go opens the page a click opens, with who or when filled in.
const RESTS_MS = 180;
const BEGINS_DRAG_PX = 6;
const GRID_MS = 5 * 60_000;
const HOLD_MS = 350;

const svg = document.querySelector("svg.plan");
if (svg) {
  const stretches = JSON.parse(svg.dataset.stretches);
  const told = document.getElementById("dragged");
  let drag = null;

  const unitsOf = (event) => {
    const matrix = svg.getScreenCTM();
    return { x: (event.clientX - matrix.e) / matrix.a, y: (event.clientY - matrix.f) / matrix.d };
  };
  const momentAt = (y) => {
    const on = stretches.find((each) => y < each.y + each.height) ?? stretches.at(-1);
    const share = Math.min(1, Math.max(0, (y - on.y) / on.height));
    return new Date(Math.round((on.from + share * (on.to - on.from)) / GRID_MS) * GRID_MS);
  };
  // where the houses stand, not where the browser is
  const clock = new Intl.DateTimeFormat("en-GB", {
    timeZone: svg.dataset.zone, hourCycle: "h23", year: "numeric", month: "2-digit", day: "2-digit", hour: "2-digit", minute: "2-digit",
  });
  const local = (moment) => {
    const part = Object.fromEntries(clock.formatToParts(moment).map((each) => [each.type, each.value]));
    return `${part.year}-${part.month}-${part.day}T${part.hour}:${part.minute}`;
  };
  const address = () => {
    const query = new URLSearchParams({ key: drag.key });
    if (drag.person) query.set("person", drag.person);
    else query.set("begins", local(drag.moment));
    return `/plan/piece?${query}`;
  };
  const ask = async () => {
    const asked = address();
    const answer = await fetch(asked, { headers: { Accept: "text/html" } });
    if (!drag || asked !== address()) return;
    const page = new DOMParser().parseFromString(await answer.text(), "text/html");
    const said = page.querySelector("main section[role=status]");
    told.replaceChildren(...(said ? [...said.children].filter((each) => each.tagName !== "FORM") : []));
    told.hidden = !said;
  };
  const people = [...document.querySelectorAll("[data-person]")];
  const end = () => {
    drag?.ghost?.remove();
    people.forEach((each) => each.classList.remove("over"));
    clearTimeout(drag?.timer);
    clearTimeout(drag?.hold);
    drag = null;
  };
  const lift = () => {
    drag.moved = true;
    drag.ghost = drag.work.cloneNode();
    drag.ghost.setAttribute("class", "dragged");
    svg.append(drag.ghost);
  };

  svg.addEventListener("pointerdown", (event) => {
    const stroke = event.target.closest("a.stroke");
    if (!stroke || event.button !== 0 || svg.dataset.settles !== "true") return;
    const work = stroke.querySelector(".work");
    drag = { stroke, key: stroke.dataset.key, from: unitsOf(event), y: work.y.baseVal.value, work, moved: false };
    if (event.pointerType === "touch") {
      drag.isTouch = true;
      drag.hold = setTimeout(lift, HOLD_MS);
    }
  });
  // a browser scrolls with a finger unless told in time that it does not
  svg.addEventListener("touchmove", (event) => drag?.moved && event.preventDefault(), { passive: false });
  svg.addEventListener("contextmenu", (event) => drag?.isTouch && event.preventDefault());
  addEventListener("pointercancel", end);
  svg.addEventListener("dragstart", (event) => event.preventDefault());
  addEventListener("pointermove", (event) => {
    if (!drag) return;
    const here = unitsOf(event);
    if (!drag.moved && Math.hypot(here.x - drag.from.x, here.y - drag.from.y) < BEGINS_DRAG_PX) return;
    if (!drag.moved && drag.isTouch) return end();
    if (!drag.moved) lift();
    const y = drag.y + here.y - drag.from.y;
    drag.ghost.setAttribute("y", y);
    const over = document.elementFromPoint(event.clientX, event.clientY)?.closest("[data-person]");
    people.forEach((each) => each.classList.toggle("over", each === over));
    drag.person = over?.dataset.person;
    drag.moment = momentAt(y);
    const name = document.createElement("b");
    name.textContent = over ? over.dataset.name : local(drag.moment).replace("T", " ");
    told.hidden = false;
    told.replaceChildren(name);
    clearTimeout(drag.timer);
    drag.timer = setTimeout(ask, RESTS_MS);
  });
  addEventListener("pointerup", () => {
    if (!drag) return;
    const goesTo = drag.moved ? address() : null;
    const { stroke } = drag;
    end();
    if (goesTo) {
      stroke.addEventListener("click", (event) => event.preventDefault(), { once: true });
      location.assign(goesTo);
    }
  });
  const middleOf = (stroke) => {
    const box = stroke.querySelector(".work").getBBox();
    return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  };
  const next = (from, dx, dy) => {
    const here = middleOf(from);
    let best = null;
    let least = Infinity;
    for (const each of svg.querySelectorAll("a.stroke")) {
      const there = middleOf(each);
      const along = dx * (there.x - here.x) + dy * (there.y - here.y);
      const across = Math.abs(dy * (there.x - here.x)) + Math.abs(dx * (there.y - here.y));
      const away = along + 3 * across;
      if (each !== from && along > 1 && away < least) {
        best = each;
        least = away;
      }
    }
    return best;
  };
  const ways = { ArrowUp: [0, -1], ArrowDown: [0, 1], ArrowLeft: [-1, 0], ArrowRight: [1, 0] };
  svg.addEventListener("keydown", (event) => {
    const stroke = event.target.closest("a.stroke");
    const way = ways[event.key];
    if (!stroke || !way) return;
    event.preventDefault();
    next(stroke, ...way)?.focus();
  });
  addEventListener("keydown", (event) => {
    if (event.key === "Escape" && drag) {
      end();
      told.hidden = true;
    }
  });
}

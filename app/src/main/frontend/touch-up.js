// The bench by finger, mouse and keys: a handle follows the hand at once, what it makes of the touch-up comes from the server,
// one answer at a time, the last place of the hand always.
const KEYS = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1, PageUp: 5, PageDown: -5 };
const CARD_KEY = "card-width-px";

const form = document.getElementById("handles");
const stage = document.querySelector(".stage");
if (form && stage) {
  const svg = stage.querySelector("svg");
  const centre = Number(stage.dataset.centre);
  let isAsking = false;
  let isAskedAgain = false;
  let askedAt = 0;

  // A handle runs along a straight line; where it lies the drawing says.
  const along = ({ from, unit }, value) => Number(from) + value * Number(unit);
  const placed = (track, value) =>
    track.upright === "true" ? [track.beside, along(track, value)] : [along(track, value), track.beside];
  const valued = (track, at) => ((track.upright === "true" ? at.y : at.x) - Number(track.from)) / Number(track.unit);

  const inUnits = (event) => new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());

  function put(handle, wanted) {
    const { field, min, max, step } = handle.dataset;
    const steps = Math.round(wanted / step);
    const value = Math.min(Number(max), Math.max(Number(min), Number((steps * step).toFixed(2))));
    const input = form.elements[field];
    if (Number(input.value) === value) return;
    input.value = value;
    moved(handle, value);
    ask();
  }

  function moved(handle, value) {
    const [x, y] = placed(handle.dataset, value);
    handle.setAttribute("transform", `translate(${x} ${y})`);
    handle.setAttribute("aria-valuenow", value);
    if (handle.dataset.field === "feather") document.getElementById("ring").setAttribute("r", centre + value * Number(handle.dataset.unit));
  }

  // Only the latest place of the hand is asked for, and only once the last answer is there.
  function ask() {
    if (isAsking) {
      isAskedAgain = true;
      return;
    }
    isAsking = true;
    isAskedAgain = false;
    askedAt = performance.now();
    const asked = new URLSearchParams(new FormData(form));
    htmx.ajax("GET", `${form.getAttribute("action")}?${asked}`, { target: "#seen", swap: "outerHTML" }).finally(() => {
      isAsking = false;
      take();
      stage.dataset.took = Math.round(performance.now() - askedAt);
      if (isAskedAgain) ask();
    });
  }

  function take() {
    const seen = document.getElementById("seen");
    if (!seen?.dataset.picture) return;
    document.getElementById("picture").setAttribute("href", seen.dataset.picture);
    document.getElementById("true-picture").src = seen.dataset.picture;
    document.getElementById("gone-tick").setAttribute("d", `M${seen.dataset.goneX} 540V572`);
    for (const handle of stage.querySelectorAll(".handle")) {
      const said = seen.dataset[`${handle.dataset.field}Said`];
      handle.querySelector("text").textContent = said;
      handle.setAttribute("aria-valuetext", said);
    }
  }

  for (const handle of stage.querySelectorAll(".handle")) {
    handle.addEventListener("pointerdown", (event) => {
      handle.setPointerCapture(event.pointerId);
      handle.focus();
      event.preventDefault();
    });
    handle.addEventListener("pointermove", (event) => {
      if (!handle.hasPointerCapture(event.pointerId)) return;
      put(handle, valued(handle.dataset, inUnits(event)));
    });
    handle.addEventListener("keydown", (event) => {
      const { field, min, max, step } = handle.dataset;
      const now = Number(form.elements[field].value);
      if (KEYS[event.key]) put(handle, now + KEYS[event.key] * step);
      else if (event.key === "Home") put(handle, Number(min));
      else if (event.key === "End") put(handle, Number(max));
      else return;
      event.preventDefault();
    });
  }

  form.addEventListener("input", (event) => {
    // another light has a handle of its own, or none: the page is drawn anew
    if (event.target.name === "torch") {
      HTMLFormElement.prototype.submit.call(form);
      return;
    }
    const handle = stage.querySelector(`.handle[data-field="${event.target.name}"]`);
    if (handle) moved(handle, Math.min(Number(handle.dataset.max), Number(event.target.value)));
    ask();
  });
  form.addEventListener("submit", (event) => event.preventDefault());

  // A bank card is 85.6 mm wide (ISO/IEC 7810 ID-1) on every screen: that tells how large a millimetre is on this one.
  const box = document.getElementById("true-size");
  const card = document.getElementById("card");
  const drawn = () => {
    const perMillimetre = card.value / Number(box.dataset.cardMm);
    box.querySelector(".card").setAttribute("width", card.value);
    document.getElementById("true-picture").width = perMillimetre * Number(box.querySelector(".true-picture").dataset.mm);
  };
  card.value = localStorage.getItem(CARD_KEY) ?? card.value;
  card.addEventListener("input", () => {
    localStorage.setItem(CARD_KEY, card.value);
    drawn();
  });
  drawn();
  stage.dataset.ready = "true";
}

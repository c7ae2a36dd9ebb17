// Finger and mouse on the wall: a tap sets or chooses a mark, a drag gives its size, a stroke sets several.
import { add, unitOf } from "./drawing.js";

const STEP_PX = 14; // one step of the size ladder per so many pixels of drag
const TOUCH_PX = 11; // a mark is touched so near its glyph
const DRAG_PX = 6; // less is a tap
const SWEPT_APART_MM = 120; // marks of one stroke lie so far apart
const MOST_SWEPT = 60;
const SHORTEST_MM = 20; // what is drawn shorter was a tap

export const pointing = () => ({
  press: null,

  toWall(event) {
    const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(this.svg().getScreenCTM().inverse());
    return { x: point.x, y: point.y };
  },
  clamp(at) {
    const { wide, high } = this.svg().dataset;
    return { x: Math.min(Math.max(at.x, 0), Number(wide)), y: Math.min(Math.max(at.y, 0), Number(high)) };
  },
  // The mark whose glyph is under the finger; a tap beside it sets another.
  under(at) {
    const reach = TOUCH_PX * unitOf(this.svg());
    let found = null;
    let nearest = reach;
    for (const glyph of this.svg().querySelectorAll("[data-mark] .placed")) {
      const apart = Math.hypot(Number(glyph.dataset.x) - at.x, Number(glyph.dataset.standsAt) - at.y);
      if (apart <= nearest) [found, nearest] = [glyph.closest("[data-mark]"), apart];
    }
    return found;
  },
  down(event) {
    if (this.pinches(event)) {
      this.cancel();
      return;
    }
    if (!event.target.closest("svg.wall") || !event.isPrimary || event.button > 0) return;
    const at = this.toWall(event);
    const mark = this.sweeping ? null : this.under(at);
    if (mark) this.choose(mark.dataset.mark);
    if (!this.mayChange) return;
    const inside = this.clamp(at);
    if (!mark && (inside.x !== at.x || inside.y !== at.y)) return;
    this.press = { at, from: { x: event.clientX, y: event.clientY }, mark, moved: false, swept: this.sweeping ? [at] : null };
    this.svg().setPointerCapture(event.pointerId);
    event.preventDefault();
    this.cross = null;
    this.drawCross();
  },
  move(event) {
    if (this.pinched(event) || !this.press) return;
    const dx = event.clientX - this.press.from.x;
    const dy = event.clientY - this.press.from.y;
    if (Math.hypot(dx, dy) < DRAG_PX && !this.press.moved) return;
    this.press.moved = true;
    this.press.to = this.clamp(this.toWall(event));
    if (this.press.swept) {
      this.sweepTo(this.press.to);
      return;
    }
    this.preview(this.drawn(dx - dy));
  },
  // What the drag so far would give: a step on the ladder of a point, or the true extent of a line or an area.
  drawn(dragPx) {
    const { at, to, mark } = this.press;
    const shape = mark ? mark.dataset.shape : this.keyOf(this.kind).dataset.shape;
    if (shape === "POINT") {
      const source = mark ?? this.keyOf(this.kind);
      const ladder = source.dataset.ladder.split(" ").map(Number);
      const words = source.dataset.ladderWords.split("|");
      const now = Number(source.dataset.across);
      let index = ladder.findIndex((size) => size >= now);
      if (index < 0) index = ladder.length - 1;
      index = Math.min(Math.max(index + Math.round(dragPx / STEP_PX), 0), ladder.length - 1);
      return { shape, label: words[index], across: ladder[index], upward: ladder[index] };
    }
    const start = mark ? { x: Number(mark.dataset.x), y: Number(mark.dataset.y) } : at;
    if (shape === "LINE") return { shape, start, across: to.x - start.x, upward: start.y - to.y, label: "" };
    return mark
      ? { shape, start, across: 2 * Math.abs(to.x - start.x), upward: 2 * Math.abs(to.y - start.y), label: "" }
      : {
          shape,
          start: { x: (at.x + to.x) / 2, y: (at.y + to.y) / 2 },
          across: Math.abs(to.x - at.x),
          upward: Math.abs(to.y - at.y),
          label: "",
        };
  },
  // One more mark of the stroke each time the finger has gone far enough.
  sweepTo(to) {
    const { swept } = this.press;
    const last = swept[swept.length - 1];
    if (swept.length < MOST_SWEPT && Math.hypot(to.x - last.x, to.y - last.y) >= SWEPT_APART_MM) swept.push(to);
    const layer = this.svg().querySelector(".preview");
    layer.replaceChildren();
    for (const at of swept) add(layer, "circle", { cx: at.x, cy: at.y, r: 7 * unitOf(this.svg()), class: "inkline thin" });
    this.spoken = String(swept.length);
  },
  preview(drawn) {
    const layer = this.svg().querySelector(".preview");
    layer.replaceChildren();
    const { at } = this.press;
    if (drawn.shape === "POINT") {
      const unit = unitOf(this.svg());
      const size = { "text-anchor": "middle", "font-size": 20 * unit, "font-weight": 800 };
      add(layer, "text", { x: at.x, y: at.y - 26 * unit, ...size }).textContent = drawn.label;
      add(layer, "circle", { cx: at.x, cy: at.y, r: 15 * unit, class: "inkline thin" });
    } else if (drawn.shape === "LINE") {
      const end = { x2: drawn.start.x + drawn.across, y2: drawn.start.y - drawn.upward };
      add(layer, "line", { x1: drawn.start.x, y1: drawn.start.y, ...end, class: "inkline thin" });
    } else {
      const corner = { x: drawn.start.x - drawn.across / 2, y: drawn.start.y - drawn.upward / 2 };
      add(layer, "rect", { ...corner, width: drawn.across, height: drawn.upward, class: "inkline thin" });
    }
  },
  up(event) {
    if (this.unpinched(event)) return;
    const press = this.press;
    if (!press) return;
    const drawn = press.moved ? this.drawn(event.clientX - press.from.x - (event.clientY - press.from.y)) : null;
    this.cancel();
    if (press.swept && press.swept.length > 1) {
      this.sendSwept(press.swept);
      return;
    }
    if (press.mark) {
      if (drawn) this.measure(press.mark, drawn);
      return;
    }
    if (!drawn || (drawn.shape !== "POINT" && Math.hypot(drawn.across, drawn.upward) < SHORTEST_MM)) {
      this.setAt(press.at, this.kind, {});
    } else {
      const at = drawn.shape === "POINT" ? press.at : drawn.start;
      this.setAt(at, this.kind, { acrossMm: drawn.across, upwardMm: drawn.upward });
    }
  },
  cancel(event) {
    if (event) this.unpinched(event);
    this.press = null;
    this.svg().querySelector(".preview").replaceChildren();
    this.showHeldBack();
  },
});

// A third of the wall, near: by pinching, by a key, by a tap on the little picture of the whole.
const THIRD = 3;
const SCALE_WIDE = 56; // room for the heights and their ticks, in pixels
const APART = 1.25; // fingers so much further apart, or nearer, are a pinch

const between = ([one, other]) => ({
  x: (one.clientX + other.clientX) / 2,
  y: (one.clientY + other.clientY) / 2,
  apart: Math.hypot(one.clientX - other.clientX, one.clientY - other.clientY),
});

export const near = () => ({
  middle: null, // what is looked at, in millimetres; null for the whole wall
  whole: null, // the viewBox of the whole wall
  fingers: new Map(),
  pinch: null,

  toggleNear() {
    const { wide, high } = this.svg().dataset;
    const mark = this.$root.querySelector(`[data-mark="${this.chosen}"]`);
    const at = mark ? { x: Number(mark.dataset.x), y: Number(mark.dataset.y) } : this.cross;
    this.look(this.middle ? null : (at ?? { x: Number(wide) / 2, y: Number(high) / 2 }));
  },
  look(at) {
    this.middle = at && this.clamp(at);
    this.showNear();
    this.showWaitingMarks();
  },
  showNear() {
    const svg = this.svg();
    const little = this.board().querySelector(".whole");
    const heights = svg.querySelector(".heights");
    heights.classList.toggle("inside", this.middle !== null);
    this.whole ??= svg.getAttribute("viewBox");
    document.getElementById("near")?.setAttribute("aria-pressed", String(this.middle !== null));
    little.hidden = this.middle === null;
    little.toggleAttribute("hidden", this.middle === null);
    if (this.middle) {
      const [, , wide, high] = this.whole.split(" ").map(Number);
      const box = { x: this.middle.x - wide / THIRD / 2, y: this.middle.y - high / THIRD / 2, width: wide / THIRD, height: high / THIRD };
      svg.setAttribute("viewBox", Object.values(box).join(" "));
      // the scale comes along, inside the left edge of what is seen
      heights.setAttribute("transform", `translate(${box.x + SCALE_WIDE / svg.getScreenCTM().a} 0)`);
      for (const [key, value] of Object.entries(box)) little.querySelector(".shown").setAttribute(key, value);
    } else {
      svg.setAttribute("viewBox", this.whole);
      heights.removeAttribute("transform");
    }
    window.lumko.measureAll(this.board());
  },
  // What the cross is moved to has to be seen.
  follow(at) {
    if (!this.middle) return;
    const [x, y, width, height] = this.svg().getAttribute("viewBox").split(" ").map(Number);
    if (at.x < x || at.y < y || at.x > x + width || at.y > y + height) this.look(at);
  },

  // Whether this finger makes it two, or touches the picture of the whole.
  pinches(event) {
    const little = event.target.closest(".whole");
    if (little) {
      const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(little.getScreenCTM().inverse());
      this.look({ x: at.x, y: at.y });
      return true;
    }
    if (event.pointerType === "touch") this.fingers.set(event.pointerId, event);
    if (this.fingers.size !== 2) return false;
    const start = between([...this.fingers.values()]);
    this.pinch = { ...start, at: this.toWall({ clientX: start.x, clientY: start.y }), from: this.middle };
    return true;
  },
  pinched(event) {
    if (!this.fingers.has(event.pointerId)) return false;
    this.fingers.set(event.pointerId, event);
    if (!this.pinch) return false;
    const now = between([...this.fingers.values()]);
    if (!this.middle && now.apart > this.pinch.apart * APART) this.look(this.pinch.at);
    else if (this.middle && now.apart * APART < this.pinch.apart) this.look(null);
    else if (this.middle && this.pinch.from) {
      const scale = this.svg().getScreenCTM().a;
      this.look({ x: this.pinch.from.x - (now.x - this.pinch.x) / scale, y: this.pinch.from.y - (now.y - this.pinch.y) / scale });
    }
    return true;
  },
  unpinched(event) {
    this.fingers.delete(event.pointerId);
    const was = this.pinch !== null;
    if (this.fingers.size === 0) this.pinch = null;
    return was;
  },
});

// The walk without a pointer: arrows move a cross, the key of a fault sets it there.
const CROSS_MM = 50;
const CROSS_FINE_MM = 10;
const EYE_HEIGHT_MM = 1500;
const ARROWS = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };

export const keyboard = () => ({
  cross: null,

  key(event) {
    if (event.ctrlKey || event.metaKey || event.altKey) {
      if (event.key === "z" && (event.ctrlKey || event.metaKey)) this.undo(event);
      return;
    }
    if (event.target.closest("input, select, textarea")) return;
    const onBoard = event.target.closest(".board") !== null;
    if (onBoard && ARROWS[event.key]) {
      this.moveCross(ARROWS[event.key], event.shiftKey ? CROSS_FINE_MM : CROSS_MM);
      event.preventDefault();
      return;
    }
    const button = this.$root.querySelector(`.keys [data-key="${event.key.toLowerCase()}"]`);
    if (button) {
      this.choosesKind(button.dataset.kind);
      if (this.cross) this.setAt(this.cross, this.kind, {});
      event.preventDefault();
    } else this.does(event);
  },
  does(event) {
    const acts = {
      ";": () => this.toggleSweep(),
      "*": () => this.torch(),
      "'": () => this.toggleNear(),
      "+": () => this.onChosen("bigger-"),
      "=": () => this.onChosen("bigger-"),
      "-": () => this.onChosen("smaller-"),
      Delete: () => this.onChosen("remove-"),
      Backspace: () => this.onChosen("remove-"),
      u: () => document.getElementById("undo")?.click(),
      ".": () => document.getElementById("next-wall")?.click(),
      ",": () => document.getElementById("previous-wall")?.click(),
      Escape: () => this.hideCross(),
    };
    if (!acts[event.key]) return;
    acts[event.key]();
    event.preventDefault();
  },
  onChosen(prefix) {
    document.getElementById(prefix + this.current())?.click();
  },
  hideCross() {
    this.cross = null;
    this.drawCross();
  },
  undo(event) {
    document.getElementById("undo")?.click();
    event.preventDefault();
  },
  moveCross([x, y], step) {
    const { wide, high } = this.svg().dataset;
    const from = this.cross ?? { x: Number(wide) / 2 - x * step, y: Number(high) - EYE_HEIGHT_MM - y * step };
    this.cross = this.clamp({ x: from.x + x * step, y: from.y + y * step });
    this.follow(this.cross);
    this.drawCross();
  },
  drawCross() {
    const cross = this.svg().querySelector(".cross");
    cross.setAttribute("visibility", this.cross ? "visible" : "hidden");
    if (!this.cross) return;
    cross.setAttribute("transform", `translate(${this.cross.x} ${this.cross.y})`);
    const { high, unitMm, unit } = this.svg().dataset;
    const said = (mm) => `${(mm / Number(unitMm)).toFixed(2)} ${unit}`;
    this.spoken = `${said(this.cross.x)}, ${said(Number(high) - this.cross.y)}`;
  },
});

// The marks of the wall: which is chosen, how it is made good, and what was set and has not arrived yet.
import { add } from "./drawing.js";

export const marks = () => ({
  chosen: "",
  opened: "",

  choose(id) {
    this.chosen = id;
    this.showChosen();
  },
  chooseRow(event) {
    const row = event.target.closest("[data-row]");
    if (!row) return;
    this.choose(row.dataset.row);
    if (event.target.closest(".more-link")) {
      event.preventDefault();
      this.opened = this.opened === row.dataset.row ? "" : row.dataset.row;
      this.showMore();
    }
  },
  // How the opened mark is made good stands under its line; without scripts the link leads to a page of its own.
  async showMore() {
    for (const each of this.$root.querySelectorAll(".more")) each.replaceChildren();
    const row = this.$root.querySelector(`[data-row="${this.opened}"]`);
    if (!row) return;
    try {
      const response = await fetch(row.dataset.more, { headers: { "HX-Request": "true" } });
      if (!response.ok || response.redirected) return;
      const incoming = new DOMParser().parseFromString(await response.text(), "text/html").querySelector(".mark-more");
      if (incoming) row.querySelector(".more").replaceChildren(incoming);
    } catch {
      // no signal: the line stays as it is, and the link still leads to the page
    }
  },
  current() {
    const known = this.$root.querySelector(`[data-row="${this.chosen}"]`);
    return known ? this.chosen : this.$root.querySelector("[data-row]:last-of-type")?.dataset.row;
  },
  showChosen() {
    const current = this.chosen;
    for (const mark of this.$root.querySelectorAll("[data-mark]")) mark.classList.toggle("chosen", mark.dataset.mark === current);
    for (const row of this.$root.querySelectorAll("[data-row]")) row.toggleAttribute("data-chosen", row.dataset.row === current);
  },

  // ---- set here, not arrived yet: drawn at once, dashed until the server has it
  async drawWaiting() {
    const wall = this.$root.dataset.wall;
    this.waiting = (await window.lumko.outbox?.waiting(wall)) ?? [];
    this.showWaitingMarks();
  },
  waiting: [],
  showWaitingMarks() {
    const layer = this.svg().querySelector(".waiting");
    layer.replaceChildren();
    const high = Number(this.svg().dataset.high);
    for (const { kind, x, up } of this.waiting) {
      const mark = add(layer, "g", { transform: `translate(${x} ${high - up})`, class: "mark" });
      const glyph = add(mark, "g", { class: "glyph" });
      add(glyph, "circle", { r: 13, class: "halo pending" });
      add(glyph, "use", { href: `#g-${kind}` });
    }
  },
});

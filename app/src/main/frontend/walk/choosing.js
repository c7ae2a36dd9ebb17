// Which kind of fault the next tap sets; it stays for the next wall.
const REMEMBERED = "lumko.kind";

export const choosing = () => ({
  kind: "NAIL_HOLE",
  sweeping: false,
  lit: false,

  remember() {
    const last = localStorage.getItem(REMEMBERED);
    if (last && this.keyOf(last)) {
      this.kind = last;
      this.showKind();
    }
  },
  choosesKind(kind) {
    this.kind = kind;
    localStorage.setItem(REMEMBERED, kind);
    this.showKind();
  },
  pick(event) {
    this.choosesKind(event.currentTarget.dataset.kind);
    if (this.cross) this.setAt(this.cross, this.kind, {});
  },
  group(event) {
    this.showGroup(event.currentTarget.dataset.group);
  },
  showGroup(group) {
    for (const button of this.$root.querySelectorAll(".groups [data-group]")) {
      button.setAttribute("aria-pressed", String(button.dataset.group === group));
    }
    for (const button of this.$root.querySelectorAll(".keys [data-kind]")) button.hidden = button.dataset.of !== group;
  },
  showKind() {
    for (const button of this.$root.querySelectorAll(".keys [data-kind]")) {
      button.setAttribute("aria-pressed", String(button.dataset.kind === this.kind));
    }
    this.showGroup(this.keyOf(this.kind).dataset.of);
  },
  toggleSweep() {
    this.sweeping = !this.sweeping;
    document.getElementById("sweep").setAttribute("aria-pressed", String(this.sweeping));
  },
  torch() {
    this.lit = !this.lit;
    document.getElementById("torch").setAttribute("aria-pressed", String(this.lit));
    this.showTorch();
  },
  showTorch() {
    this.svg().classList.toggle("raking", this.lit);
  },
  keyOf(kind) {
    return this.$root.querySelector(`.keys [data-kind="${kind}"]`);
  },
});

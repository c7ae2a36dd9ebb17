// What is set goes through the outbox; what comes back is the wall as it then is.

// Without a secure context there is no randomUUID; version 4 by hand.
function newId() {
  if (crypto.randomUUID) return crypto.randomUUID();
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  bytes[6] = (bytes[6] & 15) | 64;
  bytes[8] = (bytes[8] & 63) | 128;
  const hex = [...bytes].map((byte) => byte.toString(16).padStart(2, "0")).join("");
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-${hex.slice(12, 16)}-${hex.slice(16, 20)}-${hex.slice(20)}`;
}

const rounded = (measures) => Object.fromEntries(Object.entries(measures).map(([key, value]) => [key, value.toFixed(1)]));

export const sending = () => ({
  unsent: [], // ids of marks set since the wall was last shown
  heldBack: null, // an answer that came while a finger was on the wall

  setAt(at, kind, measures) {
    if (!this.mayChange) return;
    const id = newId();
    this.chosen = id;
    this.unsent.push(id);
    const high = Number(this.svg().dataset.high);
    this.send(this.$root.dataset.marks, { id, kind, leftMm: at.x.toFixed(1), upMm: (high - at.y).toFixed(1), ...rounded(measures) });
  },
  sendSwept(places) {
    const high = Number(this.svg().dataset.high);
    const at = places.map((each) => `${newId()} ${each.x.toFixed(1)} ${(high - each.y).toFixed(1)}`).join(";");
    this.send(`${this.$root.dataset.marks}/swept`, { kind: this.kind, at });
  },
  measure(mark, drawn) {
    this.send(`/marks/${mark.dataset.mark}/measure`, {
      version: mark.dataset.version,
      depthMm: mark.dataset.depth,
      ...rounded({ acrossMm: drawn.across, upwardMm: drawn.upward }),
    });
  },
  submit(event) {
    const form = event.target;
    if (!form.hasAttribute("data-live")) return;
    event.preventDefault();
    const values = Object.fromEntries(new FormData(form, event.submitter));
    delete values._csrf;
    const url = form.getAttribute("action");
    if (url.endsWith("/undo") && this.unsent.length) values.mark = this.unsent.pop();
    if (url.endsWith("/copied")) values.id = newId();
    this.send(url, values, event.submitter?.textContent.trim() ?? "");
  },
  async send(url, values, what) {
    const where = document.querySelector("h1").textContent.trim().replace(/\s+/g, " ");
    const wanted = what ?? this.keyOf(values.kind)?.textContent.trim() ?? "";
    await window.lumko.outbox.send(url, values, { wall: this.$root.dataset.wall, where, what: wanted });
    await this.drawWaiting();
  },

  // The wall is drawn anew once everything set on it has arrived; a refusal shows at once. Nothing moves under a finger.
  arrived({ item, body, status, isLast }) {
    if (item.wall !== this.$root.dataset.wall || !(isLast || status >= 400)) return;
    if (isLast) this.unsent = [];
    if (this.press) this.heldBack = { body, status };
    else this.show({ body, status });
  },
  showHeldBack() {
    if (!this.heldBack) return;
    const answer = this.heldBack;
    this.heldBack = null;
    this.show(answer);
  },
  show({ body, status }) {
    const focus = window.lumko.rememberFocus();
    const live = new DOMParser().parseFromString(body, "text/html").querySelector(".live");
    if (!live) return;
    const open = new Map([...this.$root.querySelectorAll("details[id]")].map((each) => [each.id, each.open]));
    const palette = this.$root.querySelector(".palette");
    if (palette) live.querySelector(".palette")?.replaceWith(palette);
    this.$root.querySelector(".live").replaceWith(live);
    window.htmx?.process(live);
    for (const details of live.querySelectorAll("details[id]")) if (open.has(details.id)) details.open = open.get(details.id);
    window.lumko.giveFocusBack(focus);
    this.whole = null;
    this.showNear();
    this.showChosen();
    this.showTorch();
    this.showMore();
    this.drawCross();
    this.drawWaiting();
    const word = live.querySelector("[data-headline]");
    this.spoken = status < 400 && word ? word.dataset.headline : "";
  },
});

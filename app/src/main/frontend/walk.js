// The walk by finger, mouse and keyboard. What a mark means is computed on the server; here it is only set, drawn out and put
// into the outbox. A mark has its id from here, so that sending it twice is harmless.

const STEP_PX = 14; // one step of the size ladder per so many pixels of drag
const DRAG_PX = 6; // less is a tap
const CROSS_MM = 50;
const CROSS_FINE_MM = 10;
const SWEPT_APART_MM = 120; // marks of one stroke lie so far apart
const MOST_SWEPT = 60;

document.addEventListener("alpine:init", () => {
  Alpine.data("walk", () => ({
    kind: "NAIL_HOLE",
    chosen: "",
    opened: "",
    spoken: "",
    unsent: [], // ids of marks set since the wall was last shown
    press: null,
    cross: null,
    sweeping: false,
    lit: false,

    init() {
      document.addEventListener("lumko:arrived", (event) => this.arrived(event.detail));
      this.$root.addEventListener("submit", (event) => this.submit(event));
      document.addEventListener("keydown", (event) => this.key(event));
    },

    get mayChange() {
      return this.$root.dataset.may === "true";
    },

    // ---- choosing what to set
    pick(event) {
      this.kind = event.currentTarget.dataset.kind;
      this.showKind();
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

    // ---- finger and mouse
    svg() {
      return this.$root.querySelector("svg.wall");
    },
    toWall(event) {
      const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(this.svg().getScreenCTM().inverse());
      return { x: point.x, y: point.y };
    },
    clamp(at) {
      const { wide, high } = this.svg().dataset;
      return { x: Math.min(Math.max(at.x, 0), Number(wide)), y: Math.min(Math.max(at.y, 0), Number(high)) };
    },
    down(event) {
      if (!event.target.closest("svg.wall") || !event.isPrimary || event.button > 0) return;
      const mark = this.sweeping ? null : event.target.closest("[data-mark]");
      if (mark) this.choose(mark.dataset.mark);
      if (!this.mayChange) return;
      const at = this.toWall(event);
      const inside = this.clamp(at);
      if (!mark && (inside.x !== at.x || inside.y !== at.y)) return;
      this.press = { at, from: { x: event.clientX, y: event.clientY }, mark, moved: false, swept: this.sweeping ? [at] : null };
      this.svg().setPointerCapture(event.pointerId);
      event.preventDefault();
      this.cross = null;
      this.drawCross();
    },
    move(event) {
      if (!this.press) return;
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
      const unit = Number(this.svg().style.getPropertyValue("--u")) || 6;
      for (const at of swept) {
        const dot = document.createElementNS("http://www.w3.org/2000/svg", "circle");
        for (const [key, value] of Object.entries({ cx: at.x, cy: at.y, r: 7 * unit, class: "inkline thin" })) dot.setAttribute(key, value);
        layer.append(dot);
      }
      this.spoken = String(swept.length);
    },
    preview(drawn) {
      const layer = this.svg().querySelector(".preview");
      layer.replaceChildren();
      const add = (name, attributes) => {
        const element = document.createElementNS("http://www.w3.org/2000/svg", name);
        for (const [key, value] of Object.entries(attributes)) element.setAttribute(key, value);
        layer.append(element);
        return element;
      };
      const { at } = this.press;
      if (drawn.shape === "POINT") {
        const unit = Number(this.svg().style.getPropertyValue("--u")) || 6;
        const text = add("text", { x: at.x, y: at.y - 26 * unit, "text-anchor": "middle", "font-size": 20 * unit, "font-weight": 800 });
        text.textContent = drawn.label;
        add("circle", { cx: at.x, cy: at.y, r: 15 * unit, class: "inkline thin" });
      } else if (drawn.shape === "LINE") {
        add("line", { x1: drawn.start.x, y1: drawn.start.y, x2: drawn.start.x + drawn.across, y2: drawn.start.y - drawn.upward, class: "inkline thin" });
      } else {
        add("rect", { x: drawn.start.x - drawn.across / 2, y: drawn.start.y - drawn.upward / 2, width: drawn.across, height: drawn.upward, class: "inkline thin" });
      }
    },
    up(event) {
      const press = this.press;
      if (!press) return;
      const drawn = press.moved ? this.drawn(event.clientX - press.from.x - (event.clientY - press.from.y)) : null;
      this.press = null;
      this.svg().querySelector(".preview").replaceChildren();
      if (press.swept && press.swept.length > 1) {
        this.sendSwept(press.swept);
        return;
      }
      if (press.mark) {
        if (drawn) this.measure(press.mark, drawn);
        return;
      }
      if (!drawn || (drawn.shape !== "POINT" && Math.hypot(drawn.across, drawn.upward) < 20)) {
        this.setAt(press.at, this.kind, {});
      } else {
        const at = drawn.shape === "POINT" ? press.at : drawn.start;
        this.setAt(at, this.kind, { acrossMm: drawn.across, upwardMm: drawn.upward });
      }
    },
    cancel() {
      this.press = null;
      this.svg().querySelector(".preview").replaceChildren();
    },

    // ---- keyboard
    key(event) {
      if (event.ctrlKey || event.metaKey || event.altKey) {
        if (event.key === "z" && (event.ctrlKey || event.metaKey)) this.undo(event);
        return;
      }
      if (event.target.closest("input, select, textarea")) return;
      const onBoard = event.target.closest(".board") !== null;
      const arrows = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };
      if (onBoard && arrows[event.key]) {
        this.moveCross(arrows[event.key], event.shiftKey ? CROSS_FINE_MM : CROSS_MM);
        event.preventDefault();
        return;
      }
      const button = this.$root.querySelector(`.keys [data-key="${event.key.toLowerCase()}"]`);
      if (button) {
        this.kind = button.dataset.kind;
        this.showKind();
        if (this.cross) this.setAt(this.cross, this.kind, {});
        event.preventDefault();
        return;
      }
      if (event.key === ";" || event.key === "*") {
        document.getElementById(event.key === ";" ? "sweep" : "torch")?.click();
        event.preventDefault();
        return;
      }
      const acts = { "+": "bigger", "=": "bigger", "-": "smaller", Delete: "remove", Backspace: "remove" };
      if (acts[event.key]) {
        this.$root.querySelector(`#${acts[event.key]}-${this.current()}`)?.click();
        event.preventDefault();
      } else if (event.key === "u") {
        this.undo(event);
      } else if (event.key === "." || event.key === ",") {
        document.getElementById(event.key === "." ? "next-wall" : "previous-wall")?.click();
      } else if (event.key === "Escape" && this.cross) {
        this.cross = null;
        this.drawCross();
      }
    },
    undo(event) {
      document.getElementById("undo")?.click();
      event.preventDefault();
    },
    moveCross([x, y], step) {
      const { wide, high } = this.svg().dataset;
      const from = this.cross ?? { x: Number(wide) / 2 - x * step, y: Number(high) - 1500 - y * step };
      this.cross = this.clamp({ x: from.x + x * step, y: from.y + y * step });
      this.drawCross();
    },
    drawCross() {
      const cross = this.svg().querySelector(".cross");
      cross.setAttribute("visibility", this.cross ? "visible" : "hidden");
      if (!this.cross) return;
      cross.setAttribute("transform", `translate(${this.cross.x} ${this.cross.y})`);
      const up = (Number(this.svg().dataset.high) - this.cross.y) / 1000;
      this.spoken = `${(this.cross.x / 1000).toFixed(2)} m, ${up.toFixed(2)} m`;
    },

    // ---- marks
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
    setAt(at, kind, measures) {
      if (!this.mayChange) return;
      const id = this.newId();
      this.chosen = id;
      this.unsent.push(id);
      const high = Number(this.svg().dataset.high);
      this.send(this.$root.dataset.marks, { id, kind, leftMm: at.x.toFixed(1), upMm: (high - at.y).toFixed(1), ...this.rounded(measures) });
    },
    sendSwept(places) {
      const high = Number(this.svg().dataset.high);
      const at = places.map((each) => `${this.newId()} ${each.x.toFixed(1)} ${(high - each.y).toFixed(1)}`).join(";");
      this.send(`${this.$root.dataset.marks}/swept`, { kind: this.kind, at });
    },
    measure(mark, drawn) {
      this.send(`/marks/${mark.dataset.mark}/measure`, {
        version: mark.dataset.version,
        depthMm: mark.dataset.depth,
        ...this.rounded({ acrossMm: drawn.across, upwardMm: drawn.upward }),
      });
    },
    rounded(measures) {
      return Object.fromEntries(Object.entries(measures).map(([key, value]) => [key, value.toFixed(1)]));
    },
    // Without a secure context there is no randomUUID; version 4 by hand.
    newId() {
      if (crypto.randomUUID) return crypto.randomUUID();
      const bytes = crypto.getRandomValues(new Uint8Array(16));
      bytes[6] = (bytes[6] & 15) | 64;
      bytes[8] = (bytes[8] & 63) | 128;
      const hex = [...bytes].map((byte) => byte.toString(16).padStart(2, "0")).join("");
      return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-${hex.slice(12, 16)}-${hex.slice(16, 20)}-${hex.slice(20)}`;
    },

    // ---- sending
    submit(event) {
      const form = event.target;
      if (!form.hasAttribute("data-live")) return;
      event.preventDefault();
      const values = Object.fromEntries(new FormData(form, event.submitter));
      delete values._csrf;
      const url = form.getAttribute("action");
      if (url.endsWith("/undo") && this.unsent.length) values.mark = this.unsent.pop();
      if (url.endsWith("/copied")) values.id = this.newId();
      this.send(url, values, event.submitter?.textContent.trim() ?? "");
    },
    send(url, values, what) {
      const where = document.querySelector("h1").textContent.trim().replace(/\s+/g, " ");
      const wanted = what ?? this.keyOf(values.kind)?.textContent.trim() ?? "";
      window.lumko.outbox.send(url, values, { wall: this.$root.dataset.wall, where, what: wanted });
    },
    // The wall is drawn anew once everything set on it has arrived; a refusal shows at once.
    arrived({ item, body, status, isLast }) {
      if (item.wall !== this.$root.dataset.wall || !(isLast || status >= 400)) return;
      if (isLast) this.unsent = [];
      this.show({ body, status });
    },
    show({ body, status }) {
      const focus = document.activeElement?.id;
      const incoming = new DOMParser().parseFromString(body, "text/html");
      const live = incoming.querySelector(".live");
      if (!live) return;
      const open = [...this.$root.querySelectorAll("details[open][id]")].map((each) => each.id);
      this.$root.querySelector(".live").replaceWith(live);
      for (const id of open) document.getElementById(id)?.setAttribute("open", "");
      if (focus) document.getElementById(focus)?.focus();
      window.lumko.measureAll(this.$root);
      this.showChosen();
      this.showTorch();
      this.showMore();
      this.drawCross();
      const word = live.querySelector("[data-headline]");
      this.spoken = status < 400 && word ? word.dataset.headline : "";
    },
  }));
});

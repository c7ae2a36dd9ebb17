// A photo is shown, tapped and sent. The browser turns it upright and into the colours of screens and leaves out where it was
// taken; what its pixels mean is computed on the server.

const WIDEST_PX = 1000;
const WALL_PLACES = 3;
const MOST_PLACES = 9;
const PATCH = 0.05; // what the server looks at, as a share of the photo's smaller side
const STEP = 0.02; // one press of an arrow key, as a share of the photo

document.addEventListener("alpine:init", () => {
  Alpine.data("photo", () => ({
    hasPhoto: false,
    taps: [],
    cross: null,

    get next() {
      if (this.taps.length === 0) return "Tap the grey card.";
      const left = WALL_PLACES + 1 - this.taps.length;
      return left > 0 ? `Tap the wall: ${left} more.` : "Enough; more places make it steadier.";
    },
    get isUnfinished() {
      return this.taps.length <= WALL_PLACES;
    },

    async show() {
      const file = this.$refs.file.files[0];
      this.again();
      this.hasPhoto = false;
      if (!file) return;
      try {
        const image = await createImageBitmap(file);
        const scale = Math.min(1, WIDEST_PX / Math.max(image.width, image.height));
        const canvas = this.$refs.canvas;
        canvas.width = Math.round(image.width * scale);
        canvas.height = Math.round(image.height * scale);
        canvas.getContext("2d").drawImage(image, 0, 0, canvas.width, canvas.height);
        this.hasPhoto = true;
      } catch {
        // not a picture: it is sent as it is, and the server says so
        this.$refs.card.value = "0.5 0.5";
        this.$refs.places.value = "0.5 0.5";
        this.$root.submit();
      }
    },
    tap(event) {
      const box = this.$refs.canvas.getBoundingClientRect();
      this.set((event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height);
    },
    key(event) {
      const moves = { ArrowLeft: [-STEP, 0], ArrowRight: [STEP, 0], ArrowUp: [0, -STEP], ArrowDown: [0, STEP] };
      const move = moves[event.key];
      if (!move && event.key !== "Enter") return;
      event.preventDefault();
      this.cross ??= [0.5, 0.5];
      if (move) this.cross = this.cross.map((at, i) => Math.min(1, Math.max(0, at + move[i])));
      else this.set(...this.cross);
      this.draw();
    },
    set(x, y) {
      if (this.taps.length > MOST_PLACES) return;
      this.taps.push([x, y]);
      const words = this.taps.map(([left, top]) => `${left.toFixed(4)} ${top.toFixed(4)}`);
      this.$refs.card.value = words[0];
      this.$refs.places.value = words.slice(1).join(";");
      this.draw();
    },
    again() {
      this.taps = [];
      this.draw();
    },
    draw() {
      const { width, height } = this.$refs.canvas;
      const half = (50 * PATCH * Math.min(width, height)) / width;
      const tall = (50 * PATCH * Math.min(width, height)) / height;
      const marks = this.taps.map((at) => ["rect", ...at]);
      if (this.cross) marks.push(["cross", ...this.cross]);
      this.$refs.marks.replaceChildren(
        ...marks.flatMap(([kind, x, y]) =>
          ["#fff", "#000"].map((ink, under) => {
            const path = document.createElementNS("http://www.w3.org/2000/svg", "path");
            const [l, t] = [100 * x, 100 * y];
            path.setAttribute(
              "d",
              kind === "cross"
                ? `M${l - half} ${t}H${l + half}M${l} ${t - tall}V${t + tall}`
                : `M${l - half} ${t - tall}h${2 * half}v${2 * tall}h${-2 * half}z`,
            );
            path.setAttribute("fill", "none");
            path.setAttribute("stroke", ink);
            path.setAttribute("stroke-width", under ? "1.5" : "4");
            path.setAttribute("vector-effect", "non-scaling-stroke");
            return path;
          }),
        ),
      );
    },
    send(event) {
      event.preventDefault();
      if (this.isUnfinished) return;
      this.$refs.canvas.toBlob((blob) => {
        const files = new DataTransfer();
        files.items.add(new File([blob], "photo.png", { type: "image/png" }));
        this.$refs.file.files = files.files;
        this.$root.submit();
      }, "image/png");
    },
  }));
});

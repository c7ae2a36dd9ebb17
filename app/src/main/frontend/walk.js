// The walk by finger, mouse and keyboard. What a mark means is computed on the server; here it is only set, drawn out and put
// into the outbox. A mark has its id from here, so that sending it twice is harmless.
import { choosing } from "./walk/choosing.js";
import { keyboard } from "./walk/keyboard.js";
import { marks } from "./walk/marks.js";
import { near } from "./walk/near.js";
import { pointing } from "./walk/pointing.js";
import { sending } from "./walk/sending.js";

const common = () => ({
  spoken: "",

  init() {
    this.remember();
    document.addEventListener("lumko:arrived", (event) => this.arrived(event.detail));
    this.$root.addEventListener("submit", (event) => this.submit(event));
    document.addEventListener("keydown", (event) => this.key(event));
    this.foldOnPhone();
    this.drawWaiting();
    this.$root.dataset.ready = "true";
  },
  get mayChange() {
    return this.$root.dataset.may === "true";
  },
  svg() {
    return this.$root.querySelector("svg.wall");
  },
  board() {
    return this.$root.querySelector(".board");
  },
  // Lists that a phone has no room for stand folded there until somebody opens them.
  foldOnPhone() {
    if (matchMedia("(max-width: 900px)").matches) {
      for (const each of this.$root.querySelectorAll("details.folded-on-phone")) each.removeAttribute("open");
    }
  },
});

// Getters have to stay getters.
function together(...parts) {
  return parts.reduce((all, part) => Object.defineProperties(all, Object.getOwnPropertyDescriptors(part)), {});
}

document.addEventListener("alpine:init", () => {
  Alpine.data("walk", () => together(common(), choosing(), pointing(), keyboard(), marks(), near(), sending()));
});

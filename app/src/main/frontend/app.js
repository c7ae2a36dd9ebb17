// What every page has: the units of a picture, and the search key.

// How many picture units a screen pixel is, so that glyphs and texts keep their size however the picture is scaled.
function measure(svg) {
  const matrix = svg.getScreenCTM();
  if (matrix && matrix.a > 0) svg.style.setProperty("--u", String(1 / matrix.a));
}

function measureAll(root) {
  for (const svg of root.querySelectorAll("svg[data-scaled]")) measure(svg);
}

window.lumko = { measureAll };

// The search from anywhere.
document.addEventListener("keydown", (event) => {
  if (event.key === "/" && !event.ctrlKey && !event.metaKey && !event.altKey && !event.target.closest("input, select, textarea")) {
    const find = document.getElementById("find");
    if (find) {
      event.preventDefault();
      find.click();
    }
  }
});

document.addEventListener("DOMContentLoaded", () => measureAll(document));
window.addEventListener("resize", () => measureAll(document));
document.addEventListener("htmx:after:swap", () => measureAll(document));

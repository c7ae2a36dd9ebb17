// Drying clocks count down from the moment the server gave; they only show, the server decides.
function words(seconds) {
  if (seconds <= 0) return "";
  const minutes = Math.ceil(seconds / 60);
  return minutes < 60 ? `${minutes} min` : `${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, "0")}`;
}

function countDown() {
  const now = Date.now() / 1000;
  for (const clock of document.querySelectorAll("[data-ready]")) {
    const left = Number(clock.dataset.ready) - now;
    clock.textContent = words(left);
    if (left <= 0 && clock.dataset.ran === "true") document.dispatchEvent(new CustomEvent("lumko:clock-ended"));
    clock.dataset.ran = String(left > 0);
  }
}

document.addEventListener("DOMContentLoaded", countDown);
document.addEventListener("htmx:after:swap", countDown);
setInterval(countDown, 1000);

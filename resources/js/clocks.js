// Running clocks: the server says when they are due, the page counts down and speaks once when one is.
const said = new Set();

const clock = (seconds) => {
  const pad = (n) => String(n).padStart(2, "0");
  const minutes = Math.floor(seconds / 60);
  return minutes >= 60
    ? `${Math.floor(minutes / 60)}:${pad(minutes % 60)}:${pad(seconds % 60)}`
    : `${minutes}:${pad(seconds % 60)}`;
};

const tick = () => {
  document.querySelectorAll("[data-due]").forEach((box) => {
    const left = Math.ceil((Date.parse(box.dataset.due) - Date.now()) / 1000);
    const out = box.querySelector("[data-left]");
    const text = left > 0 ? clock(left) : "time is up";
    if (out.textContent !== text) {
      out.textContent = text;
    }
    if (left <= 0 && !said.has(box.dataset.due)) {
      said.add(box.dataset.due);
      box.classList.add("is-due");
      box.setAttribute("role", "alert");
    }
  });
};

setInterval(tick, 1000);
document.addEventListener("dj:swapped", tick);
tick();

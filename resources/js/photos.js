// A photo in one tap, and a pin where the picture is tapped.

// Where the pin will be, before it is logged.
const mark = (board, form) => {
  const { width, height } = board.viewBox.baseVal;
  const circle =
    board.querySelector(".is-new") ??
    board.appendChild(document.createElementNS("http://www.w3.org/2000/svg", "circle"));
  circle.setAttribute("class", "is-new");
  circle.setAttribute("cx", String((width * Number(form.elements.across.value)) / 100));
  circle.setAttribute("cy", String((height * Number(form.elements.down.value)) / 100));
  circle.setAttribute("r", board.dataset.radius);
};

// A photo that was taken is kept: there is nothing more to press.
document.addEventListener("change", (event) => {
  if (event.target.matches("[data-camera]") && event.target.files.length > 0) {
    event.target.form.requestSubmit();
  }
});

document.addEventListener("click", (event) => {
  const board = event.target.closest("[data-pinboard]");
  const form = board && document.querySelector(`[data-pinform="${board.dataset.pinboard}"]`);
  if (form) {
    const box = board.getBoundingClientRect();
    form.elements.across.value = ((100 * (event.clientX - box.left)) / box.width).toFixed(1);
    form.elements.down.value = ((100 * (event.clientY - box.top)) / box.height).toFixed(1);
    mark(board, form);
    form.elements.text.focus();
  }
});

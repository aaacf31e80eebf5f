// A photo in one tap, and a pin where the picture is tapped.
import { refuse } from "./refusal.js";

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

// A photo is sent no larger than it is kept: what a camera makes of it may be more than any line or server takes.
const LONGEST_SIDE_PX = 1600;
const QUALITY = 0.85;
const MOST_BYTES = 9_500_000;

const smaller = async (file) => {
  const picture = await createImageBitmap(file);
  const scale = Math.min(1, LONGEST_SIDE_PX / Math.max(picture.width, picture.height));
  const canvas = document.createElement("canvas");
  canvas.width = Math.max(1, Math.round(picture.width * scale));
  canvas.height = Math.max(1, Math.round(picture.height * scale));
  const paper = canvas.getContext("2d");
  // On white: a drawing with a clear ground would come out black.
  paper.fillStyle = "white";
  paper.fillRect(0, 0, canvas.width, canvas.height);
  paper.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  const jpeg = await new Promise((done) => canvas.toBlob(done, "image/jpeg", QUALITY));
  return new File([jpeg], "photo.jpg", { type: "image/jpeg" });
};

// What this device cannot read goes as it is, and the server says what is wrong with it.
const fitted = async (input) => {
  const [file] = input.files;
  const small = await smaller(file).catch(() => file);
  if (small.size > MOST_BYTES) {
    input.value = "";
    refuse(
      input.form,
      "This device cannot make that photo smaller, and it has more than 9.5 MB. Take it with fewer pixels.",
    );
    return false;
  }
  const chosen = new DataTransfer();
  chosen.items.add(small);
  input.files = chosen.files;
  return true;
};

const beingFitted = new WeakMap();

// A photo that was taken is kept: there is nothing more to press.
document.addEventListener("change", (event) => {
  const input = event.target;
  if (!input.matches("input[type=file][name=photo]") || input.files.length === 0) {
    return;
  }
  const work = fitted(input).finally(() => beingFitted.delete(input.form));
  beingFitted.set(input.form, work);
  if (input.matches("[data-camera]")) {
    work.then((fits) => fits && input.form.requestSubmit());
  }
});

// Pressed while it is made smaller: sent as soon as it is.
document.addEventListener(
  "submit",
  (event) => {
    const work = beingFitted.get(event.target);
    if (work) {
      event.preventDefault();
      event.stopPropagation();
      work.then((fits) => fits && event.target.requestSubmit(event.submitter));
    }
  },
  true,
);

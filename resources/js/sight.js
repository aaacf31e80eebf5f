// Two lines on a photo of the float: its four ends are dragged, or moved by arrow keys, in pixels of the photo. The photo
// stays on this device; the core takes the angle from the ends.
const STEP = 2;
const BIG_STEP = 20;

let ends = null;
let dragged = null;

const box = () => document.querySelector("[data-sight]");
const find = (what) => box()?.querySelector(what);

const draw = () => {
  const scale = Number(find("[data-sight-board]").getAttribute("viewBox").split(" ")[2]) / 400;
  Object.entries(ends).forEach(([name, [x, y]]) => {
    const end = find(`[data-sight-end="${name}"]`);
    end.setAttribute("transform", `translate(${x} ${y}) scale(${scale})`);
    const [line, number] = name.split("_");
    find(`[data-sight-at="${line}_x${number}"]`).value = x.toFixed(1);
    find(`[data-sight-at="${line}_y${number}"]`).value = y.toFixed(1);
  });
  ["face", "float"].forEach((line) => {
    const path = find(`[data-sight-line="${line}"]`);
    path.setAttribute("d", `M${ends[`${line}_1`].join(" ")}L${ends[`${line}_2`].join(" ")}`);
    path.setAttribute("stroke-width", String(2 * scale));
  });
};

const move = (name, x, y) => {
  const [, , width, height] = find("[data-sight-board]").getAttribute("viewBox").split(" ").map(Number);
  ends[name] = [Math.max(0, Math.min(width, x)), Math.max(0, Math.min(height, y))];
  draw();
};

const asData = (file) =>
  new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.addEventListener("load", () => resolve(reader.result));
    reader.addEventListener("error", reject);
    reader.readAsDataURL(file);
  });

const show = async (file) => {
  const bitmap = await createImageBitmap(file);
  const [width, height] = [bitmap.width, bitmap.height];
  bitmap.close();
  const board = find("[data-sight-board]");
  board.setAttribute("viewBox", `0 0 ${width} ${height}`);
  const image = find("[data-sight-image]");
  image.setAttribute("width", width);
  image.setAttribute("height", height);
  image.setAttribute("href", await asData(file));
  board.hidden = false;
  board.removeAttribute("hidden");
  ends = {
    face_1: [0.25 * width, 0.7 * height],
    face_2: [0.75 * width, 0.7 * height],
    float_1: [0.25 * width, 0.4 * height],
    float_2: [0.75 * width, 0.4 * height],
  };
  find("[data-sight-log]").disabled = false;
  draw();
};

document.addEventListener("change", (event) => {
  const file = event.target.closest?.("[data-sight-file]")?.files[0];
  if (file) {
    show(file).catch(() => event.target.setCustomValidity("This is no photo that can be shown."));
  }
});

document.addEventListener("pointerdown", (event) => {
  const end = event.target.closest?.("[data-sight-end]");
  if (end) {
    dragged = end.dataset.sightEnd;
    end.setPointerCapture(event.pointerId);
    event.preventDefault();
  }
});

document.addEventListener("pointermove", (event) => {
  if (dragged !== null && box()) {
    const board = find("[data-sight-board]");
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(board.getScreenCTM().inverse());
    move(dragged, at.x, at.y);
  }
});

document.addEventListener("pointerup", () => {
  dragged = null;
});

document.addEventListener("keydown", (event) => {
  const end = event.target.closest?.("[data-sight-end]");
  const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
  if (end && by) {
    event.preventDefault();
    const step = event.shiftKey ? BIG_STEP : STEP;
    const [x, y] = ends[end.dataset.sightEnd];
    move(end.dataset.sightEnd, x + by[0] * step, y + by[1] * step);
  }
});

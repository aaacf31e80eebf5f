// A hold test against the clock: each reading logged becomes a line of the form, which the server judges as a whole.
let started = null;
let ticking = null;

const byId = (id) => document.getElementById(id);
const seconds = () => (started === null ? 0 : (performance.now() - started) / 1000);

const lines = () =>
  (byId("readings")?.value ?? "")
    .split("\n")
    .map((line) => line.trim())
    .filter((line) => line !== "");

const count = () => {
  const shown = document.querySelector("[data-count-readings]");
  if (shown) {
    shown.textContent = String(lines().length);
  }
};

const label = (text) => {
  const key = document.querySelector("[data-run] [data-label]");
  if (key) {
    key.textContent = text;
  }
};

const point = (value) => {
  const gauge = document.querySelector("[data-gauge]");
  const share = Math.max(0, Math.min(1, value / Number(gauge.dataset.full)));
  gauge.querySelector("[data-pointer]").setAttribute("transform", `rotate(${-135 + 270 * share} 120 120)`);
  document.querySelector("[data-reading]").textContent = value.toFixed(2);
  const first = Number((lines()[0] ?? `0 ${value}`).split(/\s+/)[1]);
  document.querySelector("[data-start]").textContent = first.toFixed(2);
  document.querySelector("[data-lost]").textContent = Math.max(0, first - value).toFixed(2);
};

const start = () => {
  started = performance.now();
  byId("readings").value = "";
  count();
  ticking = setInterval(() => {
    const clock = document.querySelector("[data-clock]");
    if (clock) {
      clock.textContent = `${Math.floor(seconds())} s`;
    }
  }, 250);
  label("Stop, judge it");
  byId("tap").focus();
};

const stop = () => {
  clearInterval(ticking);
  started = null;
  label("Start the run");
};

const tap = () => {
  const field = byId("tap");
  const value = Number(field.value.replace(",", "."));
  if (field.value.trim() === "" || !Number.isFinite(value)) {
    field.focus();
    return;
  }
  if (started === null) {
    start();
    field.value = String(value);
  }
  const t = lines().length === 0 ? 0 : seconds();
  byId("readings").value = [...lines(), `${t.toFixed(1)} ${value}`].join("\n");
  field.value = "";
  count();
  point(value);
};

document.addEventListener("click", (event) => {
  if (event.target.closest("[data-act=tap]")) {
    tap();
  }
  const run = event.target.closest("[data-run]");
  if (!run || lines().length > 0 || (byId("file")?.files.length ?? 0) > 0) {
    return;
  }
  // Nothing to judge yet: the key starts the clock instead.
  event.preventDefault();
  if (started === null) {
    start();
  } else {
    byId("tap").focus();
  }
});

document.addEventListener("keydown", (event) => {
  if (event.target.id === "tap" && event.key === "Enter") {
    event.preventDefault();
    tap();
  }
});

document.addEventListener("input", (event) => {
  if (event.target.id === "readings") {
    count();
    label(lines().length > 0 ? "Judge it" : "Start the run");
  }
});

document.addEventListener("change", (event) => {
  if (event.target.id === "file") {
    label(event.target.files.length > 0 ? "Judge the file" : "Start the run");
  }
});

// One reading follows the other: the field is in hand again as soon as the last one is logged.
let logged = "";
document.addEventListener("htmx:beforeRequest", (event) => {
  logged = event.detail.elt.closest("form")?.id ?? "";
});
document.addEventListener("dj:swapped", () => {
  if (logged === "read-form" && document.querySelector("[data-next][form=read-form]")) {
    document.querySelector("#read-form [data-rpm]").focus({ preventScroll: true });
  }
  logged = "";
});

document.addEventListener("dj:swapped", () => {
  if (started !== null) {
    stop();
  }
  count();
});

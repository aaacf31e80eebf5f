// A run that is watched: asks four times a second for what came since, moves the gauge and the line at the samples' own times,
// says what to do. Nothing is kept here: the server has every sample, and a page that comes back asks from the start of what
// it lacks.
const EVERY_MS = 250;
const FRAME_MS = 50;
const SLOW_MS = 1500;
const PAPER = { left: 30, right: 440, top: 8, bottom: 100 };

let watched = null;

const state = (box) => ({
  box,
  after: 0,
  samples: [],
  shown: 0,
  from: null,
  timer: null,
  frame: null,
  failed: 0,
  over: false,
});
const isStill = () => document.hidden || window.matchMedia("(prefers-reduced-motion: reduce)").matches;
const part = (name) => watched.box.querySelector(`[data-${name}]`);

const point = (value) => {
  const gauge = document.querySelector("[data-gauge]");
  const share = Math.max(0, Math.min(1, value / Number(gauge.dataset.full)));
  gauge.querySelector("[data-pointer]").setAttribute("transform", `rotate(${-135 + 270 * share} 120 120)`);
  document.querySelector("[data-reading]").textContent = value.toFixed(2);
  document.querySelector("[data-unit-name]").textContent = watched.box.dataset.unit;
  document.querySelector("[data-in-kpa]").textContent = `${(value * Number(watched.box.dataset.kpa)).toFixed(1)} kPa`;
};

const draw = () => {
  const { from, shown } = watched;
  const held = watched.samples.filter(([, seconds], i) => i < shown && (from === null || seconds >= from));
  if (held.length < 2) {
    return;
  }
  const first = held[0][1];
  const span = Math.max(20, held[held.length - 1][1] - first);
  const values = held.map(([, , value]) => value);
  const top = Math.max(...values, 0.5);
  const bottom = from === null ? 0 : Math.max(0, Math.min(...values) - 0.05 * top);
  const x = (seconds) => PAPER.left + ((PAPER.right - PAPER.left) * (seconds - first)) / span;
  const y = (value) => PAPER.bottom - ((PAPER.bottom - PAPER.top) * (value - bottom)) / Math.max(0.05, top - bottom);
  const every = Math.ceil(held.length / 400);
  const path = held
    .filter((_, i) => i % every === 0 || i === held.length - 1)
    .map(([, seconds, value], i) => `${i === 0 ? "M" : "L"}${x(seconds).toFixed(1)} ${y(value).toFixed(1)}`)
    .join("");
  part("line").setAttribute("d", path);
  part("top").textContent = top.toFixed(1);
  part("bottom").textContent = bottom.toFixed(1);
  part("last").textContent = `${Math.round(span)} s`;
  if (from !== null) {
    const now = values[values.length - 1];
    document.querySelector("[data-start]").textContent = values[0].toFixed(2);
    document.querySelector("[data-lost]").textContent = Math.max(0, values[0] - now).toFixed(2);
    document.querySelector("[data-clock]").textContent = `${Math.floor(held[held.length - 1][1] - first)} s`;
  }
};

const say = (name, text) => {
  const place = part(name);
  // A screen reader is told what changed, not five times a second the same.
  if (place.textContent !== text) {
    place.textContent = text;
  }
};

// What came in one answer is drawn at its own times, until the next one comes: as it was read, or faster where a line was
// lost. All at once where it is the first, nobody looks, or nothing is to move.
const play = () => {
  clearTimeout(watched.frame);
  const mine = watched;
  const { samples, shown } = mine;
  const last = samples.length - 1;
  const from = shown === 0 || isStill() ? samples[last][1] : samples[shown - 1][1];
  const began = performance.now();
  const step = () => {
    if (mine !== watched) {
      return;
    }
    const share = Math.min(1, (performance.now() - began) / EVERY_MS);
    const seconds = share * (samples[last][1] - from);
    while (mine.shown <= last && (share === 1 || samples[mine.shown][1] - from <= seconds)) {
      mine.shown += 1;
    }
    point(samples[Math.max(0, mine.shown - 1)][2]);
    draw();
    mine.frame = mine.shown <= last ? setTimeout(step, FRAME_MS) : null;
  };
  step();
};

const show = (told) => {
  watched.samples.push(...told.samples);
  watched.from = told.from;
  if (told.samples.length > 0) {
    watched.after = told.samples[told.samples.length - 1][0];
    watched.heard = performance.now();
    play();
  }
  say("prompt", told.prompt);
  const plate = part("verdict");
  plate.hidden = told.verdict === null;
  if (told.verdict !== null) {
    plate.className = `dj-verdict ${told.verdict.class}`;
    say("word", told.verdict.word);
    say("value", told.verdict.value);
    say("note", told.verdict.note);
  }
  const silent = performance.now() - (watched.heard ?? performance.now()) > 4000;
  say(
    "age",
    silent ? "The gauge is silent. Is it switched on and in reach? What it keeps it sends when it is back." : "",
  );
  if (told.ageMs !== null) {
    watched.box.dataset.ageMs = String(told.ageMs);
  }
};

const over = (told) => {
  watched.over = true;
  if (told.said !== "") {
    say("prompt", told.said);
    return;
  }
  window.htmx.ajax("GET", window.location.href, { target: "#job", swap: "morph:outerHTML" });
};

const ask = async () => {
  const mine = watched;
  let wait = EVERY_MS;
  try {
    const answer = await fetch(`${mine.box.dataset.live}?after=${mine.after}`, {
      headers: { Accept: "application/json" },
    });
    if (!answer.ok) {
      throw new Error(String(answer.status));
    }
    const told = await answer.json();
    if (mine !== watched) {
      return;
    }
    mine.failed = 0;
    show(told);
    if (told.ended) {
      over(told);
      return;
    }
  } catch {
    if (mine !== watched) {
      return;
    }
    mine.failed += 1;
    wait = Math.min(SLOW_MS, EVERY_MS * 2 ** mine.failed);
    say("age", "No connection. Nothing is lost: the gauge goes on sending.");
  }
  mine.timer = setTimeout(ask, document.hidden ? SLOW_MS : wait);
};

const watch = () => {
  const box = document.querySelector("[data-live]");
  if (box === null) {
    clearTimeout(watched?.timer);
    watched = null;
    return;
  }
  if (watched !== null && watched.box.dataset.live === box.dataset.live && !watched.over) {
    watched.box = box;
    return;
  }
  clearTimeout(watched?.timer);
  watched = state(box);
  ask();
};

document.addEventListener("dj:swapped", watch);
document.addEventListener("visibilitychange", () => {
  if (!document.hidden && watched !== null && !watched.over) {
    clearTimeout(watched.timer);
    ask();
  }
});
watch();

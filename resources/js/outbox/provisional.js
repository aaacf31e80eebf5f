// The sheet goes on without a line: what was kept is shown on it as done, and marked as not sent yet.
const job = () => document.getElementById("job");

const valueOf = (letter, name) => letter.fields.find(([field]) => field === name)?.[1];

const mark = (parent, words) => {
  const line = Object.assign(document.createElement("li"), { className: "is-kept" });
  const text = Object.assign(document.createElement("span"), { textContent: words });
  line.append(text, Object.assign(document.createElement("small"), { textContent: " not sent yet" }));
  parent?.prepend(line);
  return line;
};

// What lay behind a part comes off once it is off.
const uncover = (part) => {
  document.querySelectorAll(`[data-behind~="${CSS.escape(part)}"]`).forEach((line) => {
    const left = line.dataset.behind.split(" ").filter((key) => key !== part);
    line.dataset.behind = left.join(" ");
    if (left.length === 0) {
      line.hidden = false;
      document.querySelector(".dj-offs")?.append(line);
    }
  });
};

const nameOf = (form) => form.querySelector("button span").firstChild.textContent.trim();

const say = (selector, words) => {
  const element = document.querySelector(selector);
  if (element) {
    element.textContent = words;
  }
};

const inSentence = (name) => (/^[A-Z][a-z]/.test(name) ? name[0].toLowerCase() + name.slice(1) : name);

// What the server proposed beside the next move was for the machine as it knew it: with a part more off it may be done by now, or
// impossible.
const forgetMoves = () => {
  document.querySelector(".dj-or")?.setAttribute("hidden", "");
  document.querySelectorAll("[form^=off-]:not([data-next])").forEach((key) => {
    key.hidden = document.getElementById(key.getAttribute("form")) === null;
  });
};

// The brass key does the next one.
const lead = () => {
  const next = document.querySelector(".dj-offs > li:not([hidden]) form");
  const key = document.querySelector("[data-next][form^=off-]");
  document.querySelectorAll(".dj-offs > li").forEach((line) => {
    line.classList.toggle("is-next", line.contains(next));
  });
  if (key) {
    key.hidden = next === null;
    key.setAttribute("form", next?.id ?? "");
    key.querySelector("[data-label]").textContent = next ? `Off: ${nameOf(next)}` : "";
    say(
      ".dj-next .do",
      next ? `Take off: ${inSentence(nameOf(next))}` : "Wait for the line, or go on at another station",
    );
    say(".dj-next .why", "What you took off meanwhile is kept on this device, and is sent in this order.");
  }
  forgetMoves();
};

const valuesOf = (letter, name) => letter.fields.filter(([field]) => field === name).map(([, value]) => value);

const takeOff = (part) => {
  const form = document.getElementById(`off-${part}`);
  const tray = document.querySelector(".dj-tray");
  if (form && tray) {
    tray.querySelector(".is-empty")?.remove();
    const line = mark(tray, nameOf(form));
    tray.append(line);
    form.closest("li").remove();
    uncover(part);
    say("[data-kept-off]", `, ${tray.querySelectorAll(".is-kept").length} more kept here`);
    lead();
  }
};

// What is offered in one key was reckoned before this.
const rest = () => document.getElementById("rest-form")?.setAttribute("hidden", "");

const partOff = (letter) => {
  rest();
  takeOff(valueOf(letter, "part"));
};

const partsOff = (letter) => {
  rest();
  new Set(valuesOf(letter, "parts[]")).forEach(takeOff);
};

const fit = (part) => {
  document.getElementById(`on-${part}`)?.setAttribute("hidden", "");
  document.querySelector(`.is-run:has(input[value="${CSS.escape(part)}"])`)?.setAttribute("hidden", "");
  document.querySelector(".dj-on:not([hidden])")?.classList.add("is-next");
};

const partOn = (letter) => fit(valueOf(letter, "part"));

const partsOn = (letter) => new Set(valuesOf(letter, "parts[]")).forEach(fit);

const judged = (inspection, condition) => {
  const row = document.querySelector(`[data-inspection="${CSS.escape(inspection)}"]`);
  row?.classList.add("is-kept");
  row?.setAttribute("aria-label", `${row.textContent.trim()}, ${condition}, not sent yet`);
};

const partInspected = (letter) => {
  rest();
  judged(valueOf(letter, "inspection"), valueOf(letter, "condition"));
};

const partsSound = (letter) => {
  rest();
  valuesOf(letter, "inspections[]").forEach((inspection) => judged(inspection, "sound"));
};

const number = (text) => Number((text ?? "").replace(/[\s,]/g, ""));

// What the device can tell by itself: this fast is too fast.
const speedRead = (letter) => {
  const over = document.querySelector("[data-over]");
  const most = number(over?.dataset.over);
  if (most > 0 && number(valueOf(letter, "rpm")) > most) {
    over.hidden = false;
  }
};

const acts = {
  speed_read: speedRead,
  part_off: partOff,
  parts_off: partsOff,
  part_on: partOn,
  parts_on: partsOn,
  part_inspected: partInspected,
  parts_sound: partsSound,
};

// Every letter of this job once, however often the sheet was printed since.
export const show = (letters) => {
  const here = job()?.dataset.job;
  job()
    ?.querySelectorAll(".dj-ribbon .is-kept")
    .forEach((line) => line.remove());
  letters
    .filter((letter) => letter.job === here && letter.state === "waiting")
    .forEach((letter) => {
      acts[letter.kind]?.(letter);
      mark(document.querySelector(".dj-ribbon ol"), letter.said);
    });
};

// A verdict that was kept opens the next part, as the server would.
export const goOn = (letter) => {
  if (letter.kind === "part_inspected") {
    const rows = [...document.querySelectorAll("a[data-inspection]")];
    const at = rows.findIndex((row) => row.dataset.inspection === valueOf(letter, "inspection"));
    rows[at + 1]?.click();
  }
};

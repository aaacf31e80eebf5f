import { time } from "./time.js";

// An old sheet proposes nothing by which an engine is run: kept from another hour, with more logged on this device than
// it knows, or cut off from what others log.
const job = () => document.getElementById("job");
const html = document.documentElement;

const day = (iso) => {
  const at = new Date(iso);
  const isToday = at.toDateString() === new Date().toDateString();
  return isToday ? "" : ` on ${at.toLocaleDateString("en-GB", { day: "numeric", month: "long" })}`;
};

// When this page was printed, where it came from the device's store; empty where the server sent it.
export const since = () => (html.dataset.kept ? `${time(html.dataset.kept)}${day(html.dataset.kept)}` : "");

let wasCutOff = false;

// A sheet that the server sent has taken the place of the old one.
export const isFresh = () => {
  delete html.dataset.kept;
  wasCutOff = false;
};

// Where it must not be old: the server says so of what it proposes.
export const mustBeFresh = () => job()?.dataset.fresh !== undefined;

// Where it came from the device's store.
export const isKept = () => html.dataset.kept !== undefined;

// Cut off once, it stays old until the server has sent another: what others logged meanwhile is not on it.
export const isOld = () => wasCutOff || isKept();

// What the old sheet proposed stands in no field: it is typed, or it comes with the next sheet.
const takeBack = () =>
  job()
    .querySelectorAll("[data-proposed]")
    .forEach((field) => {
      if (field.value === field.defaultValue) {
        field.defaultValue = "";
        field.value = "";
      }
    });

// "line" as in the outbox: here, away, failing, full.
export const show = (letters, line) => {
  wasCutOff ||= line === "away" || line === "failing";
  const isMore = letters.some((letter) => letter.job === job()?.dataset.job && letter.state === "waiting");
  const isBehind = mustBeFresh() && (isOld() || isMore);
  const wasBehind = job()?.classList.contains("is-behind");
  job()?.classList.toggle("is-behind", isBehind);
  if (isBehind && !wasBehind) {
    takeBack();
  }
  const words = document.querySelector(".dj-old [data-since]");
  if (words) {
    words.textContent = since() ? `since ${since()}` : "meanwhile";
  }
};

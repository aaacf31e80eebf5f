// A double tap is one tap on what was there at the first: a dialog that closes, or a list that moves up, puts another key under it.
const TWICE_MS = 500;

const keyOf = (target) => target.closest("button, a, summary, input, select, textarea, label");

let first = { key: null, isInDialog: false, at: -Infinity };

const isElsewhere = (event) =>
  event.detail > 1
    ? keyOf(event.target) !== first.key
    : event.pointerType === "touch" && first.isInDialog && !event.target.closest("dialog");

document.addEventListener(
  "click",
  (event) => {
    if (event.isTrusted && event.timeStamp - first.at < TWICE_MS && isElsewhere(event)) {
      event.preventDefault();
      event.stopImmediatePropagation();
    } else {
      first = { key: keyOf(event.target), isInDialog: Boolean(event.target.closest("dialog")), at: event.timeStamp };
    }
  },
  true,
);

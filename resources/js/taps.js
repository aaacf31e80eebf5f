// A double tap on a key of a dialog is one tap: the dialog is gone by the second, which would press what lies beneath.
const TWICE_MS = 500;

let first = { isInDialog: false, at: -Infinity };

const isBeneath = (event) =>
  first.isInDialog && !event.target.closest("dialog") && (event.detail > 1 || event.pointerType === "touch");

document.addEventListener(
  "click",
  (event) => {
    if (event.isTrusted && event.timeStamp - first.at < TWICE_MS && isBeneath(event)) {
      event.preventDefault();
      event.stopImmediatePropagation();
    } else {
      first = { isInDialog: Boolean(event.target.closest("dialog")), at: event.timeStamp };
    }
  },
  true,
);

// A double tap on a key of a dialog is one tap: the dialog is gone by the second, which would press what lies beneath.
const TWICE_MS = 500;

let first = { isInDialog: false, at: -Infinity };

// Of a mouse the browser counts them itself; of a finger it does not.
const isSecond = (event) =>
  event.detail > 1 || (event.pointerType === "touch" && event.timeStamp - first.at < TWICE_MS);

document.addEventListener(
  "click",
  (event) => {
    if (event.isTrusted && first.isInDialog && !event.target.closest("dialog") && isSecond(event)) {
      event.preventDefault();
      event.stopImmediatePropagation();
    } else {
      first = { isInDialog: Boolean(event.target.closest("dialog")), at: event.timeStamp };
    }
  },
  true,
);

// Letter keys, outside text fields only; they can be switched off.
const STORE = "dj-keys-off";
const off = () => localStorage.getItem(STORE) === "1";
// What is not shown is not offered.
const click = (selector) => [...document.querySelectorAll(selector)].find((key) => key.checkVisibility())?.click();
const go = (href) => {
  if (href) {
    window.location.assign(href);
  }
};

const actions = {
  n: () => click("[data-next]"),
  l: () => click("[data-act=note]"),
  t: () => click("[data-act=theme]"),
  i: () => click("[data-intake]"),
  r: () => document.querySelector("[data-rpm]")?.focus(),
  u: () => click("[data-undo]"),
  p: () => document.querySelector(".callout.is-asked, .callout")?.focus(),
  "[": () => go(document.getElementById("job")?.dataset.previous),
  "]": () => go(document.getElementById("job")?.dataset.nextStation),
  "?": () => document.getElementById("keys").showModal(),
};

const space = (event) => {
  if (event.target.closest("button, a, summary, [role=button], [role=slider], input")) {
    return;
  }
  const key = document.querySelector("[data-count], [data-run]");
  if (key) {
    event.preventDefault();
    key.click();
  }
};

document.addEventListener("keydown", (event) => {
  if (event.key === "Escape" && event.target.closest("input, textarea, select") && !event.target.closest("dialog")) {
    // Out of the field, so that the letter keys work again.
    event.target.blur();
    return;
  }
  if (
    event.ctrlKey ||
    event.metaKey ||
    event.altKey ||
    event.target.closest("input:not([type=checkbox]):not([type=radio]), textarea, select, dialog")
  ) {
    return;
  }
  if (event.key === " ") {
    space(event);
    return;
  }
  const key = event.key.length === 1 ? event.key.toLowerCase() : "";
  const here = key && document.querySelector(`[data-key="${CSS.escape(key)}"]`);
  const action = here ? () => here.click() : actions[key];
  if (action && (!off() || event.key === "?")) {
    event.preventDefault();
    action();
  }
});

const box = document.getElementById("keys-off");
if (box) {
  box.checked = off();
  box.addEventListener("change", () => localStorage.setItem(STORE, box.checked ? "1" : "0"));
}

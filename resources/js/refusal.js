// A refusal stands beside the key that was pressed, and is tied to the field in which one was typing.
const GAP = 8;
const PHONE = "(max-width: 767.98px)";

const keyOf = ({ elt, triggeringEvent }) =>
  triggeringEvent?.submitter ??
  document.querySelector(`button[form="${elt.id}"]`) ??
  elt.querySelector("button[type=submit]");

const place = (refusal, key) => {
  const at = key.getBoundingClientRect();
  const { width, height } = refusal.getBoundingClientRect();
  const isRoomBelow = at.bottom + GAP + height < window.innerHeight;
  const left = Math.max(GAP, Math.min(window.innerWidth - width - GAP, at.left + at.width / 2 - width / 2));
  Object.assign(refusal.style, {
    top: `${Math.max(GAP, isRoomBelow ? at.bottom + GAP : at.top - height - GAP)}px`,
    left: `${left}px`,
    transform: "none",
  });
};

// Where the server said nothing that can be shown.
export const refuse = (form, words, triggeringEvent) => {
  const box = document.createElement("div");
  const list = document.createElement("ul");
  const close = document.createElement("button");
  list.appendChild(document.createElement("li")).textContent = words;
  Object.assign(close, { type: "button", className: "dj-tool", textContent: "Close" });
  close.dataset.act = "dismiss";
  box.className = "dj-errors";
  box.setAttribute("role", "alert");
  box.append(list, close);
  document.getElementById("errors").replaceChildren(box);
  const key = keyOf({ elt: form, triggeringEvent });
  if (key?.getClientRects().length > 0 && !window.matchMedia(PHONE).matches) {
    place(box, key);
  }
};

const tie = (form, field) => {
  if (form.contains(field) && field.matches("input, textarea, select")) {
    field.setAttribute("aria-invalid", "true");
    field.setAttribute("aria-errormessage", "errors");
  }
};

document.addEventListener("htmx:afterSwap", (event) => {
  const refusal = event.detail.target.id === "errors" ? document.querySelector("#errors .dj-errors") : null;
  const form = event.detail.requestConfig?.elt.closest("form");
  if (!refusal || !form) {
    return;
  }
  const key = keyOf({ elt: form, triggeringEvent: event.detail.requestConfig.triggeringEvent });
  // On a phone it stands above the key at the bottom, whichever was pressed.
  if (key?.getClientRects().length > 0 && !window.matchMedia(PHONE).matches) {
    place(refusal, key);
  }
  tie(form, document.activeElement);
});

document.addEventListener("htmx:configRequest", () => {
  document.querySelectorAll("[aria-errormessage=errors]").forEach((field) => {
    field.removeAttribute("aria-invalid");
    field.removeAttribute("aria-errormessage");
  });
});

// What waits on this device, in one line at the bottom of every page, and one by one in a list that opens from it.
import { since } from "./behind.js";
import { time } from "./time.js";
import { typed } from "./letter.js";

const bar = document.getElementById("waiting");
const list = document.getElementById("outbox");

const plural = (n, one) => (n === 1 ? `1 ${one}` : `${n} ${one === "entry" ? "entries" : one}`);

const names = (letters) => [...new Set(letters.map((letter) => letter.byName))].join(" and ");

const sentence = (letters, state) => {
  const refused = letters.filter((letter) => letter.state === "refused").length;
  const waiting = letters.filter((letter) => letter.state === "waiting");
  const others = waiting.filter((letter) => state.person !== undefined && letter.by !== state.person?.id);
  const parts = [];
  if (waiting.length > 0) {
    const why =
      {
        full: "This device has no room for more.",
        away: "No connection.",
        failing: "The server does not answer as it should.",
      }[state.line] ?? "";
    parts.push(`${why} ${waiting.length} kept on this device${why ? ", sending again." : "."}`.trim());
  }
  if (others.length > 0) {
    parts.push(`Sign in as ${names(others)} to send ${plural(others.length, "entry")}.`);
  }
  if (refused > 0) {
    parts.push(`${plural(refused, "entry")} refused: look.`);
  }
  if (state.line === "full") {
    parts.push(
      "What you typed last was neither sent nor kept: it is still in its field. Log it again when the line is back.",
    );
  }
  if (letters.length === 0 && state.line === "away") {
    parts.push(`No connection. What you log is kept on this device.`);
  }
  if (since()) {
    parts.push(`This page is as it was at ${since()}.`);
  }
  return parts.join(" ");
};

const make = (tag, fields, ...children) => {
  const element = Object.assign(document.createElement(tag), fields);
  element.append(...children);
  return element;
};

const field = (letter, { index, name, value, label }) => {
  const id = `outbox-${letter.n}-${index}`;
  if (value instanceof File) {
    return make("p", {
      textContent: `${label || name}: ${value.name || "a file"}, ${Math.round(value.size / 1024)} kB`,
    });
  }
  if (letter.state !== "refused" || !label) {
    return make("p", { textContent: `${label || name.replaceAll("_", " ")}: ${value}` });
  }
  const input = make("input", { id, className: "form-control", value, autocomplete: "off" });
  input.dataset.field = String(index);
  return make("div", { className: "dj-field" }, make("label", { htmlFor: id, textContent: label }), input);
};

const keys = (letter) => {
  const key = (act, words) => {
    const button = make("button", { type: "button", className: "btn btn-secondary", textContent: words });
    button.dataset.outbox = act;
    button.setAttribute("aria-label", `${words}: ${letter.said}`);
    return button;
  };
  return make("div", { className: "keys" }, key("again", "Send again"), key("drop", "Drop it"));
};

const item = (letter, state) => {
  const isOther = state.person !== undefined && letter.by !== state.person?.id;
  const waits = isOther ? `Waits for ${letter.byName}.` : "Waits for the line.";
  const status =
    letter.state === "refused"
      ? letter.reason
      : letter.reason
        ? `Waits for what was logged before it to be sent: ${letter.reason}`
        : waits;
  const line = make(
    "li",
    { className: letter.state === "refused" ? "is-refused" : "" },
    make("b", { textContent: letter.said }),
    make("small", { textContent: `${letter.about}, ${letter.byName}, ${time(letter.at)}` }),
    make("p", { textContent: status }),
  );
  line.dataset.letter = String(letter.n);
  line.append(...typed(letter).map((f) => field(letter, f)));
  if (letter.reason) {
    line.append(keys(letter));
  }
  return line;
};

export const show = (letters, state) => {
  const words = sentence(letters, state);
  bar.hidden = words === "" && document.getElementById("sent").hidden;
  bar.querySelector("[role=status]").textContent = words;
  bar.querySelector("button").hidden = letters.length === 0;
  document.getElementById("sign-in-again").hidden = state.person !== null || window.location.pathname === "/sign-in";
  const open = list.contains(document.activeElement) && document.activeElement.matches("input");
  if (!open) {
    list.querySelector("ol").replaceChildren(...letters.map((letter) => item(letter, state)));
  }
  if (letters.length === 0 && list.open) {
    list.close();
  }
};

// Runs `again(letter n, {field index: value})` and `drop(letter n)` when their keys are pressed.
export const whenAsked = (acts) => {
  bar.querySelector("button").addEventListener("click", () => list.showModal());
  list.addEventListener("click", (event) => {
    const key = event.target.closest("[data-outbox]");
    const line = event.target.closest("[data-letter]");
    if (key && line) {
      const inputs = [...line.querySelectorAll("[data-field]")];
      acts[key.dataset.outbox](
        Number(line.dataset.letter),
        Object.fromEntries(inputs.map((input) => [input.dataset.field, input.value])),
      );
    }
  });
};

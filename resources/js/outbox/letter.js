// What a form says, as it can wait: where it goes, its fields and files, who wrote it, and what it is in words.

// Not in every context there is crypto.randomUUID: a shop's own network often has no https.
const uuid = () => {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  bytes[6] = (bytes[6] & 0x0f) | 0x40;
  bytes[8] = (bytes[8] & 0x3f) | 0x80;
  const hex = [...bytes].map((byte) => byte.toString(16).padStart(2, "0")).join("");
  return hex.replace(/(.{8})(.{4})(.{4})(.{4})(.{12})/, "$1-$2-$3-$4-$5");
};

export const isEntry = (form) => form?.matches("form[hx-post]") && Boolean(form.elements.client_id);

const words = (element) => element?.textContent.replace(/\s+/g, " ").trim() ?? "";

const ofCarrier = new Set(["_token", "client_id", "seen", "at", "look", "written_by", "known[]"]);

const labelOf = (form, name) => {
  const field = form.elements[name];
  const element = field instanceof RadioNodeList ? field[field.length - 1] : field;
  return element?.type === "hidden" || !element?.labels ? "" : words(element.labels[0]);
};

// What a person would call it: the key that was pressed, without the letter it answers to.
const saidBy = (form, submitter) => {
  const key = submitter ?? form.querySelector("button[type=submit], button:not([type])");
  const copy = key?.cloneNode(true);
  copy?.querySelectorAll("kbd, small, em, svg, .m-only").forEach((e) => e.remove());
  const text =
    form.querySelector("textarea:not([data-readings]), input[name=text], input[name=said], input[name=rpm]")?.value ??
    "";
  const off = form.action.endsWith("/part_off") ? "Off: " : "";
  const named = off + (key?.getAttribute("aria-label") || words(copy) || "Entry");
  return text ? `${named}: ${text.length > 40 ? `${text.slice(0, 40)}…` : text}` : named;
};

export const written = (form, submitter, known) => {
  const fields = [...new FormData(form, submitter)].filter(([name]) => name !== "_token");
  const url = new URL(form.getAttribute("hx-post"), window.location.href);
  return {
    id: form.elements.client_id.value,
    url: url.href,
    job: url.pathname.split("/")[2],
    kind: url.pathname.split("/").pop(),
    about: words(document.querySelector(".dj-plate")),
    said: saidBy(form, submitter),
    by: Number(form.elements.written_by?.value),
    byName: words(document.querySelector(".dj-tech b")),
    at: new Date().toISOString(),
    fields: [...fields, ...known.map((id) => ["known[]", id])],
    labels: Object.fromEntries(fields.map(([name]) => [name, labelOf(form, name)])),
    state: "waiting",
    reason: "",
  };
};

// A page that was kept was printed once and is shown again: what is said on it now is another entry.
export const renewAll = () => {
  [...document.forms].filter(isEntry).forEach((form) => {
    form.elements.client_id.value = uuid();
  });
};

// The next thing the same form says is another entry. What was typed into it is kept now, and no longer half-typed.
export const renew = (form) => {
  form
    .querySelectorAll("textarea, input:not([type=hidden]):not([type=checkbox]):not([type=radio])")
    .forEach((field) => {
      if (field.matches("textarea, [type=file]")) {
        field.value = "";
      }
      field.defaultValue = field.value;
    });
  form.elements.client_id.value = uuid();
};

const valueOf = (value) => (value instanceof File ? [value.name, value.size] : value);

const content = (letter) =>
  JSON.stringify([
    letter.url,
    letter.fields.filter(([name]) => !ofCarrier.has(name)).map(([name, value]) => [name, valueOf(value)]),
  ]);

// A second tap on the same key: the same words, within a moment.
export const isEcho = (letter, last) =>
  Boolean(last) && Date.parse(letter.at) - Date.parse(last.at) < 1500 && content(letter) === content(last);

// What somebody typed or chose, with what it was called.
export const typed = (letter) =>
  letter.fields
    .map(([name, value], index) => ({ index, name, value, label: letter.labels[name] ?? "" }))
    .filter(({ value, label }) => value instanceof File || (label !== "" && value !== ""));

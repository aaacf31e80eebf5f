// A lost connection loses nothing: what could not be sent waits on the device under the id it was printed with, in order, and is
// sent by the same person when the line is back. The server adds an id only once, so what did arrive is not doubled.
import htmx from "htmx.org";
import { isEcho, isEntry, renew, renewAll, written } from "./letter.js";
import * as behind from "./behind.js";
import { show as list, whenAsked } from "./list.js";
import { lookWhere } from "./look.js";
import { post, signedIn, TOO_LARGE } from "./post.js";
import * as sheet from "./provisional.js";
import * as store from "./store.js";
import { refuse } from "../refusal.js";

const RETRY_MS = 4000;
const MOST_RETRY_MS = 60000;
const OWN = "dj-own";
const MOST_OWN = 40;

// "line": here, away, failing. "person": undefined until asked, null for nobody.
const state = { line: "here", person: undefined };
const tabs = new BroadcastChannel("dj-outbox");
let letters = [];
let wait = RETRY_MS;

// What was written on this device lately, whether it was kept or sent at once: its author has seen it.
const own = () => JSON.parse(localStorage.getItem(OWN) ?? "[]");
const remember = (id) =>
  localStorage.setItem(OWN, JSON.stringify([...own().filter((one) => one !== id), id].slice(-MOST_OWN)));

const isWaiting = (letter) => letter.state === "waiting";
const me = Number(document.querySelector("meta[name=person]")?.content);
const isMine = (letter) => isWaiting(letter) && letter.by === me;

// Before it, somebody else logged of the same job what has not been sent: this may rest on that. What the server
// refuses then waits, and what rests on nothing goes past it: a note is not held on one device until another person
// happens to sign in there.
const isBehindAnother = (letter) =>
  letters.some((one) => isWaiting(one) && one.job === letter.job && one.n < letter.n && one.by !== letter.by);

const show = () => {
  behind.show(letters, state.line);
  list(letters, state);
};

const shown = async () => {
  letters = await store.all();
  show();
};

const everywhere = async () => {
  await shown();
  tabs.postMessage("changed");
};

const beingKept = new Set();

// What was typed leaves its form only when it is in the store.
const stored = async (form, letter) => {
  try {
    const last = (await store.all()).at(-1);
    if (!isEcho(letter, last)) {
      await store.put(letter);
      navigator.storage?.persist?.();
    }
    renew(form);
    remember(letter.id);
    return !isEcho(letter, last);
  } catch {
    state.line = "full";
    show();
    return false;
  }
};

const keep = async (form, submitter) => {
  const letter = written(form, submitter, own());
  if (beingKept.has(letter.id)) {
    return;
  }
  beingKept.add(letter.id);
  if (!(await stored(form, letter))) {
    beingKept.delete(letter.id);
    return;
  }
  await everywhere();
  document.querySelectorAll("dialog[open]:not(#outbox)").forEach((dialog) => dialog.close());
  sheet.show(letters);
  sheet.goOn(letter);
};

// Half-typed readings are worth more than a fresh sheet.
const isBeingTyped = () =>
  [
    ...document.querySelectorAll(
      "#job form:not(dialog form) input:not([type=hidden]), #job form:not(dialog form) textarea",
    ),
  ].some((field) => field.value !== field.defaultValue && !["checkbox", "radio", "submit"].includes(field.type));

const offerToLoad = () => {
  document.getElementById("sent").hidden = false;
  list(letters, state);
};

const isJob = () => document.getElementById("job")?.dataset.job !== undefined;

const refresh = () => {
  if (isJob() && isBeingTyped()) {
    offerToLoad();
  } else if (isJob()) {
    htmx.ajax("GET", window.location.href, { target: "#job", swap: "morph:outerHTML", headers: { "X-Refresh": "1" } });
  } else if (behind.isKept()) {
    setTimeout(() => window.location.reload(), RETRY_MS);
  } else {
    behind.isFresh();
  }
};

// Something may have been typed while the sheet was on its way.
document.addEventListener("htmx:beforeSwap", (event) => {
  if (event.detail.requestConfig.headers["X-Refresh"] && isBeingTyped()) {
    event.detail.shouldSwap = false;
    offerToLoad();
  }
});

const deliver = async (letter, token) => {
  const { became, reason } = await post(letter, token);
  if (became === "logged") {
    await store.drop(letter);
  } else if (became === "refused") {
    await store.put({ ...letter, state: isBehindAnother(letter) ? "waiting" : "refused", reason });
  }
  await everywhere();
  return became;
};

const inTurn = async () => {
  // Where the page was printed for nobody, nobody is asked after: that would open another session beside the one of its form.
  const session = me ? await signedIn() : null;
  state.line = "here";
  state.person = session?.person ?? null;
  await shown();
  const mine = letters.filter(
    (letter) =>
      isWaiting(letter) && letter.by === session?.person.id && (letter.reason === "" || !isBehindAnother(letter)),
  );
  for (const letter of mine) {
    if ((await deliver(letter, session.token)) === "stay") {
      state.line = "failing";
      break;
    }
  }
  const meta = document.querySelector("meta[name=csrf-token]");
  if (session && meta) {
    meta.content = session.token;
  }
  if ((mine.length > 0 || (session && behind.isOld())) && state.line === "here") {
    refresh();
  }
  // Nothing of whoever is here: there is no hurry to ask again.
  wait = mine.length > 0 && state.line === "here" ? RETRY_MS : Math.min(2 * wait, MOST_RETRY_MS);
};

let isSending = false;

// One tab sends; where the browser has no locks, two may, and the server adds each once.
const alone = (work) =>
  navigator.locks ? navigator.locks.request("dj-outbox", { ifAvailable: true }, (lock) => lock && work()) : work();

const flush = async () => {
  if (isSending || (!letters.some(isWaiting) && state.line === "here" && !behind.isOld())) {
    return;
  }
  isSending = true;
  try {
    await alone(inTurn);
  } catch {
    state.line = navigator.onLine ? state.line : "away";
    state.line = state.line === "here" ? "away" : state.line;
    wait = Math.min(2 * wait, MOST_RETRY_MS);
  } finally {
    isSending = false;
    show();
  }
};

const soon = () => {
  wait = RETRY_MS;
  return flush();
};

const tick = () => setTimeout(() => flush().finally(tick), wait);

const submitterOf = (detail) => detail.requestConfig?.triggeringEvent?.submitter;

const failed = (event, line) => {
  const form = event.detail.elt.closest("form");
  state.line = line;
  if (isEntry(form)) {
    keep(form, submitterOf(event.detail));
  } else {
    show();
  }
};

document.addEventListener("htmx:sendError", (event) => failed(event, "away"));
document.addEventListener("htmx:timeout", (event) => failed(event, "away"));

// While older letters wait, the next one waits behind them.
document.addEventListener("htmx:beforeRequest", (event) => {
  const form = event.detail.elt.closest("form");
  if (isEntry(form) && event.detail.requestConfig.verb === "post" && letters.some(isMine)) {
    event.preventDefault();
    keep(form, submitterOf(event.detail)).then(soon);
  }
});

document.addEventListener("htmx:configRequest", (event) => {
  const form = event.detail.elt.closest("form");
  if (isEntry(form)) {
    own().forEach((id) => event.detail.formData.append("known[]", id));
    remember(form.elements.client_id.value);
  }
});

// Of another person, or of nobody, or too often: it waits.
const LATER = [401, 409, 419, 429];

// Only a sheet that names the entry as logged takes the place of this one, and only our own refusal stands beside its key.
// Whatever else answers, with whatever status, is no answer: a server that failed, the end of a session, another machine on
// the way. What was typed is kept, and nothing is put in its place.
document.addEventListener("htmx:beforeSwap", (event) => {
  const { xhr, requestConfig } = event.detail;
  const form = requestConfig.elt.closest("form");
  if (!isEntry(form) || requestConfig.verb !== "post") {
    return;
  }
  const isLogged = xhr.getResponseHeader("X-Logged") === String(requestConfig.formData.get("client_id")).toLowerCase();
  const isRefused = xhr.getResponseHeader("HX-Retarget") === "#errors" && !LATER.includes(xhr.status);
  if (isLogged || isRefused) {
    return;
  }
  event.detail.shouldSwap = false;
  if (xhr.status === 413) {
    refuse(form, TOO_LARGE, requestConfig.triggeringEvent);
    return;
  }
  state.line = [401, 409, 419].includes(xhr.status) ? "here" : "failing";
  keep(form, submitterOf(event.detail)).then(soon);
});

document.addEventListener("dj:swapped", async () => {
  behind.isFresh();
  document.getElementById("sent").hidden = true;
  await shown();
  sheet.show(letters);
});

whenAsked({
  again: async (n, values) => {
    const letter = letters.find((one) => one.n === n);
    const fields = letter.fields.map(([name, value], i) => [name, values[i] ?? value]);
    const answer = await fetch(`/jobs/${letter.job}/length`, { headers: { Accept: "application/json" } }).catch(
      () => null,
    );
    const seen = answer?.ok ? (await answer.json()).length : null;
    await store.put({
      ...letter,
      fields: fields.map(([name, value]) => [name, name === "seen" && seen !== null ? String(seen) : value]),
      state: "waiting",
      reason: "",
    });
    await everywhere();
    await soon();
  },
  drop: async (n) => {
    await store.drop({ n });
    await everywhere();
    refresh();
  },
});

document.getElementById("sent").addEventListener("click", () => window.location.reload());
tabs.addEventListener("message", shown);
window.addEventListener("online", soon);
window.addEventListener("offline", () => {
  state.line = "away";
  show();
});

const isWatchedClosely = () => isJob() && behind.mustBeFresh() && state.line === "here" && !isSending;

lookWhere(isWatchedClosely, {
  gone: () => {
    state.line = "away";
    wait = RETRY_MS;
    return shown();
  },
  newer: refresh,
});

renewAll();
shown().then(() => {
  sheet.show(letters);
  return soon();
});
tick();

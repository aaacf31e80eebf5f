// A tachometer or a vacuum set that is watched at Run: what it shows, whether it has settled, and what may be logged. On a
// virtual engine the dial is its screw: what it stands at is told to the server, which says what is heard.
const EVERY_MS = 250;
const SLOW_MS = 1500;

let watched = null;

const part = (name) => document.querySelector(`[data-${name}]`);

const say = (place, text) => {
  if (place && place.textContent !== text) {
    place.textContent = text;
  }
};

const token = () => document.querySelector("input[name=_token]")?.value ?? "";

const number = (value) => Math.round(value).toLocaleString("en-US");

// The dial of the screw in hand.
const screw = () => {
  const form = document.getElementById("read-form");
  const name = form?.querySelector("input[name=adjuster]")?.value;
  const dial = name && document.querySelector(`[data-dial] [data-source="${name}"]`)?.closest("[data-dial]");
  return dial ? { name, units: Number(dial.dataset.units) } : null;
};

const turn = async () => {
  const address = watched.box.dataset.turn;
  const stands = screw();
  if (!address || !stands || watched.turning) {
    return;
  }
  const open = part("throttle")?.getAttribute("aria-pressed") === "true";
  const told = `${stands.name} ${stands.units} ${open}`;
  if (told === watched.told) {
    return;
  }
  const mine = watched;
  mine.turning = true;
  try {
    const answer = await fetch(address, {
      method: "PUT",
      headers: { Accept: "application/json", "Content-Type": "application/json", "X-CSRF-TOKEN": token() },
      body: JSON.stringify({ screw: stands.name, units: stands.units, full: open }),
    });
    if (answer.ok) {
      mine.told = told;
      mine.turnedAt = performance.now();
      say(part("heard"), `You hear: ${(await answer.json()).heard.join(", ")}.`);
    }
  } finally {
    mine.turning = false;
  }
};

// What was shown before the screw was turned is not what it does now.
const settled = () => performance.now() - (watched.turnedAt ?? -Infinity) > 1600;

const show = (told) => {
  const isSettled = settled();
  say(part("said"), isSettled || told.stop !== "" ? told.prompt : "Let it settle.");
  watched.box.classList.toggle("is-stop", told.stop !== "");
  if (told.values.length === 1) {
    say(part("now"), told.values[0] === null ? "–" : number(told.values[0]));
    const field = part("rpm");
    if (field && isSettled && told.steady[0] !== null && document.activeElement !== field) {
      field.value = String(Math.round(told.steady[0]));
      field.dataset.steady = "yes";
    } else if (field?.dataset.steady === "yes" && document.activeElement !== field) {
      field.value = "";
      delete field.dataset.steady;
    }
  }
  document.querySelectorAll("[data-column]").forEach((place, i) => {
    const value = told.values[i] ?? null;
    say(place, value === null ? "" : value.toFixed(1));
    place.dataset.steady = told.steady[i] === null || told.steady[i] === undefined ? "" : told.steady[i].toFixed(2);
  });
};

const ask = async () => {
  const mine = watched;
  let wait = EVERY_MS;
  try {
    await turn();
    const answer = await fetch(`${mine.box.dataset.tach}?after=${mine.after}`, {
      headers: { Accept: "application/json" },
    });
    if (!answer.ok) {
      throw new Error(String(answer.status));
    }
    const told = await answer.json();
    if (mine !== watched) {
      return;
    }
    mine.after = Math.max(mine.after, told.newest);
    show(told);
    if (told.ended) {
      return;
    }
  } catch {
    if (mine !== watched) {
      return;
    }
    wait = SLOW_MS;
    say(part("said"), "No connection. Type what the instrument shows.");
  }
  mine.timer = setTimeout(ask, document.hidden ? SLOW_MS : wait);
};

const watch = () => {
  const box = document.querySelector("[data-tach]");
  if (box !== null && watched !== null && watched.box.dataset.tach === box.dataset.tach) {
    watched.box = box;
    return;
  }
  clearTimeout(watched?.timer);
  watched = box === null ? null : { box, after: 0, timer: null };
  if (watched !== null) {
    ask();
  }
};

document.addEventListener("click", (event) => {
  const throttle = event.target.closest("[data-throttle]");
  if (throttle) {
    throttle.setAttribute("aria-pressed", String(throttle.getAttribute("aria-pressed") !== "true"));
  }
  if (event.target.closest("[data-blip]")) {
    document.querySelectorAll("[data-column]").forEach((place) => {
      const field = document.getElementById(place.getAttribute("for"));
      if (field && place.dataset.steady !== "") {
        field.value = `${field.value} ${place.dataset.steady}`.trim();
      }
    });
  }
});
document.addEventListener("dj:swapped", watch);
watch();

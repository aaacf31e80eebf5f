// The turn dial: pointer, keys and taps move it faster than a server could. The number that counts is the one in the form.
const PER_TURN = 48;
const MOST = 20 * PER_TURN;

const gcd = (a, b) => (b === 0 ? a : gcd(b, a % b));

const words = (units) => {
  const whole = Math.floor(units / PER_TURN);
  const rest = units % PER_TURN;
  const fraction = rest === 0 ? "" : `${rest / gcd(rest, PER_TURN)}/${PER_TURN / gcd(rest, PER_TURN)}`;
  return {
    whole: whole === 0 && fraction !== "" ? "" : String(whole),
    fraction,
    text: whole === 0 && fraction !== "" ? fraction : `${whole} ${fraction}`.trim(),
  };
};

const point = (radius, share) => [
  140 - radius * Math.sin(2 * Math.PI * share),
  130 - radius * Math.cos(2 * Math.PI * share),
];

// Out is counter-clockwise and more; of a stop screw, in is more.
const countsIn = (dial) => dial.dataset.counts === "in";

const ringPath = (radius, share, clockwise) => {
  if (share <= 0) {
    return "";
  }
  const end = Math.min(share, 0.9999);
  const [x, y] = point(radius, clockwise ? -end : end);
  const flags = `${share > 0.5 ? 1 : 0} ${clockwise ? 1 : 0}`;
  return `M140 ${130 - radius}A${radius} ${radius} 0 ${flags} ${x.toFixed(2)} ${y.toFixed(2)}`;
};

const history = new WeakMap();

const draw = (dial, units) => {
  const said = words(units);
  dial.dataset.units = String(units);
  dial.querySelector("[data-whole]").textContent = said.whole;
  dial.querySelector("[data-fraction]").textContent = said.fraction;
  dial
    .querySelector("[data-slot]")
    .setAttribute("transform", `rotate(${(countsIn(dial) ? 360 : -360) * ((units / PER_TURN) % 1)} 140 130)`);
  dial.querySelectorAll("circle.run").forEach((full) => full.remove());
  dial
    .querySelectorAll("[data-ring]")
    .forEach((ring, i) =>
      ring.setAttribute(
        "d",
        ringPath(Number(ring.dataset.ring), Math.max(0, Math.min(1, units / PER_TURN - i)), countsIn(dial)),
      ),
    );
  const face = dial.querySelector("[data-face]");
  face.setAttribute("aria-valuenow", String(units));
  const counted = units > PER_TURN ? dial.dataset.counted : dial.dataset.counted.replace("turns", "turn");
  face.setAttribute("aria-valuetext", `${said.text} ${counted}`);
  const field = dial.querySelector("[data-turns]");
  field.value = said.text;
  document.querySelectorAll(`[data-mirror="${field.dataset.source}"]`).forEach((mirror) => {
    mirror.value = said.text;
  });
};

export const move = (dial, units) => {
  const before = Number(dial.dataset.units);
  const now = Math.max(0, Math.min(MOST, Math.round(units)));
  history.set(dial, [...(history.get(dial) ?? []), before].slice(-60));
  draw(dial, now);
};

const dialOf = (element) => element.closest("[data-dial]");

document.addEventListener("click", (event) => {
  const start = event.target.closest("[data-to]");
  const near = start?.closest(".bay-work")?.querySelector("[data-dial]");
  if (near) {
    move(near, Number(start.dataset.to));
  }
});

document.addEventListener("click", (event) => {
  const button = event.target.closest("[data-by], [data-act=undo-turn], [data-act=zero-turn]");
  const dial = button && dialOf(button);
  if (!dial) {
    return;
  }
  if (button.dataset.act === "undo-turn") {
    const past = history.get(dial) ?? [];
    const before = past.pop();
    if (before !== undefined) {
      draw(dial, before);
    }
  } else if (button.dataset.act === "zero-turn") {
    move(dial, 0);
  } else {
    move(dial, Number(dial.dataset.units) + Number(button.dataset.by));
  }
});

document.addEventListener("keydown", (event) => {
  const face = event.target.closest?.("[data-face]");
  const step = event.shiftKey ? 12 : 6;
  const by = { ArrowUp: step, ArrowRight: step, ArrowDown: -step, ArrowLeft: -step, PageUp: 48, PageDown: -48 }[
    event.key
  ];
  if (!face || (by === undefined && event.key !== "Home")) {
    return;
  }
  event.preventDefault();
  const dial = dialOf(face);
  move(dial, event.key === "Home" ? 0 : Number(dial.dataset.units) + by);
});

// Dragging the screw head: counter-clockwise is out, in steps of an eighth.
const angleAt = (face, event) => {
  const box = face.getBoundingClientRect();
  return Math.atan2(event.clientY - (box.top + box.height * 0.47), event.clientX - (box.left + box.width / 2));
};

document.addEventListener("pointerdown", (event) => {
  const face = event.target.closest?.("[data-face]");
  if (!face) {
    return;
  }
  const dial = dialOf(face);
  let last = angleAt(face, event);
  let turned = Number(dial.dataset.units);
  let shown = turned;
  const follow = (e) => {
    const now = angleAt(face, e);
    const delta = Math.atan2(Math.sin(now - last), Math.cos(now - last));
    last = now;
    const by = (delta / (2 * Math.PI)) * PER_TURN;
    turned = Math.max(0, Math.min(MOST, countsIn(dial) ? turned + by : turned - by));
    const snapped = Math.round(turned / 6) * 6;
    if (snapped !== shown) {
      shown = snapped;
      move(dial, snapped);
    }
  };
  const stop = () => {
    window.removeEventListener("pointermove", follow);
    window.removeEventListener("pointerup", stop);
    window.removeEventListener("pointercancel", stop);
  };
  window.addEventListener("pointermove", follow);
  window.addEventListener("pointerup", stop);
  window.addEventListener("pointercancel", stop);
});

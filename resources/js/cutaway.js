// Looking at the drawing: which part is asked about, which circuits show, float up or down. Nothing here is recorded.
const ask = (part) => {
  document.querySelectorAll(".is-asked").forEach((e) => e.classList.remove("is-asked"));
  document.querySelectorAll(`[data-part="${part}"]`).forEach((e) => e.classList.add("is-asked"));
  document.querySelectorAll("[data-sel]").forEach((panel) => {
    panel.hidden = panel.dataset.sel !== part;
  });
};

// What is closed off for a hold test: a box of its form, and a plug on the drawing.
const seal = (box) => {
  document
    .querySelectorAll(`.callout[data-part="${box.value}"]`)
    .forEach((e) => e.classList.toggle("is-sealed", box.checked));
  document.querySelector(`[data-seal="${box.value}"]`)?.setAttribute("aria-pressed", String(box.checked));
};

document.addEventListener("change", (event) => {
  if (event.target.name === "sealed[]") {
    seal(event.target);
  }
});

document.addEventListener("click", (event) => {
  const key = event.target.closest("[data-seal]");
  const box = key && document.getElementById(`seal-${key.dataset.seal}`);
  if (box) {
    box.checked = !box.checked;
    seal(box);
  }
  const part = event.target.closest("[data-part]");
  if (part) {
    ask(part.dataset.part);
  }
  const circuit = event.target.closest("[data-circ]");
  const cut = document.getElementById("cutaway");
  if (circuit && cut) {
    const on = circuit.getAttribute("aria-pressed") === "true";
    circuit.setAttribute("aria-pressed", String(!on));
    cut.classList.toggle(`no-${circuit.dataset.circ}`, on);
  }
  const flip = event.target.closest("[data-act=float]");
  if (flip && cut) {
    const up = cut.dataset.float === "up";
    cut.dataset.float = up ? "down" : "up";
    cut.dataset.needle = up ? "open" : "closed";
    flip.querySelector("b").textContent = up ? "Float down" : "Float up";
    flip.querySelector("small").textContent = up ? "needle open" : "needle closed";
    flip.setAttribute("aria-pressed", String(up));
  }
  const all = event.target.closest("[data-act=parts]");
  if (all) {
    const open = document.getElementById("parts").classList.toggle("is-open");
    all.setAttribute("aria-expanded", String(open));
  }
});

document.addEventListener("focusin", (event) => {
  const step = event.target.closest("[data-hover-part]");
  if (step) {
    ask(step.dataset.hoverPart);
  }
});

document.addEventListener("keydown", (event) => {
  const callout = event.target.closest?.(".callout");
  if (!callout) {
    return;
  }
  if (event.key === "Enter" || event.key === " ") {
    event.preventDefault();
    ask(callout.dataset.part);
  }
  const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key];
  if (by) {
    event.preventDefault();
    const all = [...document.querySelectorAll(".callout")];
    all[(all.indexOf(callout) + by + all.length) % all.length].focus();
  }
});

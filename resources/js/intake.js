// Intake: a tick taken back by a second tap, a machine filled in from its last visit, the answers brought under the hand.

document.addEventListener("click", (event) => {
  const radio = event.target.closest("input[type=radio][data-untick]");
  if (radio) {
    const was = radio.dataset.was === "1";
    document.querySelectorAll(`input[name="${CSS.escape(radio.name)}"]`).forEach((r) => {
      r.dataset.was = "0";
    });
    radio.checked = !was;
    radio.dataset.was = was ? "0" : "1";
  }
  const machine = event.target.closest("[data-machine]");
  if (machine) {
    Object.entries(JSON.parse(machine.dataset.machine)).forEach(([name, value]) => {
      const field = document.querySelector(`#work-form [name="${name}"]:not([type=radio])`);
      const choice = document.querySelector(`#work-form [name="${name}"][value="${CSS.escape(value)}"]`);
      if (choice?.type === "radio") {
        choice.checked = true;
      } else if (field) {
        field.value = value;
      }
    });
    machine.closest(".dj-found").replaceChildren();
    machine.closest("form")?.querySelector("[data-next]")?.focus({ preventScroll: true });
  }
  if (event.target.closest('a[href="#answers"]')) {
    event.preventDefault();
    const answers = document.getElementById("answers");
    answers?.scrollIntoView({ block: "nearest" });
    answers?.querySelector("button")?.focus();
  }
});

// A list is narrowed to the rows that hold what is typed.
document.addEventListener("input", (event) => {
  const filter = event.target.closest("[data-filter]");
  if (filter) {
    const typed = filter.value.trim().toLowerCase();
    document.querySelectorAll(`${filter.dataset.filter} > li`).forEach((row) => {
      row.hidden = !row.dataset.words.includes(typed);
    });
  }
});

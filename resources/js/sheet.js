// Theme, dialogs, messages, print: what belongs to the page and not to the job.
const nameTheme = () => {
  const dark = document.documentElement.dataset.bsTheme === "dark";
  document.querySelectorAll("[data-theme-name]").forEach((e) => {
    e.textContent = dark ? "Day shop" : "Night garage";
  });
};

const flipTheme = () => {
  const next = document.documentElement.dataset.bsTheme === "dark" ? "light" : "dark";
  document.documentElement.dataset.bsTheme = next;
  document.cookie = `dj_theme=${next};path=/;max-age=31536000;samesite=lax`;
  nameTheme();
};

const acts = {
  theme: flipTheme,
  note: () => document.getElementById("note")?.showModal(),
  close: (button) => button.closest("dialog").close(),
  dismiss: (button) => button.closest(".dj-errors").remove(),
  print: () => window.print(),
};

document.addEventListener("click", (event) => {
  const button = event.target.closest("[data-act]");
  acts[button?.dataset.act]?.(button);
});

document.addEventListener("htmx:configRequest", (event) => {
  event.detail.headers["X-CSRF-TOKEN"] = document.querySelector("meta[name=csrf-token]").content;
  document.querySelectorAll(".dj-errors").forEach((e) => e.remove());
});

// What was written in a dialog is logged: it closes, emptied. Losing only its attribute, it would go on holding the page behind it.
document.addEventListener("htmx:beforeSwap", (event) => {
  const form = event.detail.requestConfig.elt.closest("dialog form");
  if (form && event.detail.shouldSwap && event.detail.xhr.status < 400) {
    form.reset();
    form.closest("dialog").close();
  }
});

// What one might write of a fact is shown where it is written.
document.addEventListener("change", (event) => {
  const examples = event.target.dataset.examples;
  if (examples) {
    document.getElementById(examples).placeholder = event.target.selectedOptions[0].dataset.example;
  }
});

document.addEventListener("dj:swapped", () => {
  nameTheme();
});

nameTheme();

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

document.addEventListener("dj:swapped", () => {
  document.querySelectorAll("#note-text").forEach((text) => {
    text.value = "";
  });
  nameTheme();
});

nameTheme();

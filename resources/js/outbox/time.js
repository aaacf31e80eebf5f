// As the clock of this shop says it: 14:00, or 2:00 PM.
export const time = (iso) =>
  new Date(iso).toLocaleTimeString("en-US", {
    hour: "numeric",
    minute: "2-digit",
    hour12: document.documentElement.dataset.hours === "12",
  });

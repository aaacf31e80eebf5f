// Swaps by morphing, so that focus and open details survive an answer from the server.
import { Idiomorph } from "idiomorph";
import htmx from "htmx.org";

// Values the server prints anew must win over what the browser remembers of them.
const freshen = (root) => {
  root
    .querySelectorAll("input[type=hidden], [data-turns], [data-mirror], [data-rpm], [data-readings], input[type=file]")
    .forEach((field) => {
      field.value = field.type === "file" ? "" : (field.getAttribute("value") ?? field.defaultValue);
    });
};

// What someone has opened among suspects and photos stays open through a swap.
const keepOpen = (attribute, node, change) =>
  !(attribute === "open" && change === "remove" && node.closest(".dj-triage, .dj-photos"));

// What somebody is writing into goes on: its own answer closes it first.
const isNotOpenDialog = (node) => !(node instanceof HTMLDialogElement && node.open);

// Into the place of a sheet goes a sheet, whatever else answers with a good conscience.
document.addEventListener("htmx:beforeSwap", (event) => {
  const { target, serverResponse, xhr } = event.detail;
  if (
    target.id === "job" &&
    xhr.getResponseHeader("HX-Retarget") === null &&
    !/^\s*<div id="job"/.test(serverResponse)
  ) {
    event.detail.shouldSwap = false;
  }
});

htmx.defineExtension("morph", {
  isInlineSwap: (style) => style.startsWith("morph"),
  handleSwap: (style, target, fragment) => {
    if (!style.startsWith("morph")) {
      return false;
    }
    const fresh = fragment.querySelector("#job") ?? fragment.firstElementChild;
    const swapped = Idiomorph.morph(target, fresh.outerHTML, {
      morphStyle: "outerHTML",
      callbacks: { beforeAttributeUpdated: keepOpen, beforeNodeMorphed: isNotOpenDialog },
    });
    const job = document.getElementById("job");
    freshen(job);
    job.dispatchEvent(new CustomEvent("dj:swapped", { bubbles: true }));
    return Array.isArray(swapped) && swapped.length > 0 ? swapped : [job];
  },
});

// A lost connection loses nothing: what could not be sent waits here, with the id it was printed with, and is sent again.
// The server adds an id only once, so a request that did arrive is not doubled.
const STORE = "dj-outbox";
const RETRY_MS = 3000;

const read = () => JSON.parse(localStorage.getItem(STORE) ?? "[]");

const show = (waiting) => {
  const line = document.getElementById("waiting");
  line.hidden = waiting.length === 0;
  line.textContent = waiting.length === 0 ? "" : `No connection. ${waiting.length} kept on this device, sending again.`;
};

const write = (waiting) => {
  localStorage.setItem(STORE, JSON.stringify(waiting));
  show(waiting);
};

const send = async (letter) => {
  const body = new URLSearchParams(letter.fields);
  body.set("_token", document.querySelector("meta[name=csrf-token]").content);
  return fetch(letter.url, { method: "POST", body, headers: { Accept: "application/json" }, redirect: "manual" });
};

let sending = false;

const flush = async () => {
  if (sending || read().length === 0) {
    return;
  }
  sending = true;
  try {
    while (read().length > 0) {
      const [letter, ...rest] = read();
      const answer = await send(letter);
      if (answer.status >= 500 || answer.status === 419) {
        break;
      }
      write(rest);
      if (answer.status === 422) {
        const said = await answer.json();
        window.alert(
          Object.values(said.errors ?? {})
            .flat()
            .join(" "),
        );
      }
      if (rest.length === 0) {
        window.location.reload();
      }
    }
  } catch {
    show(read());
  } finally {
    sending = false;
  }
};

document.addEventListener("htmx:sendError", (event) => {
  const form = event.detail.elt.closest("form");
  if (!form || form.enctype === "multipart/form-data") {
    show([null]);
    return;
  }
  const fields = [...new FormData(form, event.detail.requestConfig?.triggeringEvent?.submitter)].filter(
    ([name]) => name !== "_token",
  );
  const id = fields.find(([name]) => name === "client_id")?.[1];
  const waiting = read();
  if (!waiting.some((letter) => letter.id === id)) {
    write([...waiting, { id, url: form.action, fields }]);
  }
});

window.addEventListener("online", flush);
setInterval(flush, RETRY_MS);
show(read());
flush();

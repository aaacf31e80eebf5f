// Sheets that were looked at open without a line too: a worker keeps them. What is near is fetched before it is asked for.
const IDLE_MS = 4000;
const BETWEEN_MS = 250;
const MOST = 40;
const AGAIN_MS = 10 * 60 * 1000;
const FETCHED = "dj-fetched";

const person = document.querySelector("meta[name=person]")?.content ?? "";
const worker = () => navigator.serviceWorker?.controller;

const job = () => document.getElementById("job")?.dataset.job;

// Pages of this job that one can go to from here, without what is printed or downloaded.
const near = (root) =>
  [...root.querySelectorAll(`a[href*="/jobs/${job()}"]`)]
    .map((link) => new URL(link.getAttribute("href"), window.location.href))
    .filter((url) => !/\/(log|file|report|report\.pdf|live|photos)(\/|$)/.test(url.pathname))
    .map((url) => url.origin + url.pathname + url.search);

const fetched = () => JSON.parse(sessionStorage.getItem(FETCHED) ?? "{}");

const isDue = (href) => Date.now() - (fetched()[href] ?? 0) > AGAIN_MS;

const note = (href) => sessionStorage.setItem(FETCHED, JSON.stringify({ ...fetched(), [href]: Date.now() }));

const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

const fetchPage = async (href) => {
  note(href);
  const answer = await fetch(href, { headers: { "X-Keep": "1" } });
  return new DOMParser().parseFromString(await answer.text(), "text/html");
};

// The stations of this job, and one step beyond those where one screw or one part after the other is looked at.
const fetchNear = async () => {
  const queue = near(document);
  const seen = new Set();
  while (queue.length > 0 && seen.size < MOST && worker()) {
    const href = queue.shift();
    if (seen.has(href) || !isDue(href)) {
      continue;
    }
    seen.add(href);
    const page = await fetchPage(href);
    if (/\/(as-found|clean|set)$/.test(new URL(href).pathname)) {
      queue.push(...near(page));
    }
    await pause(BETWEEN_MS);
  }
};

let timer;
const whenIdle = () => {
  clearTimeout(timer);
  timer = setTimeout(() => {
    if (job() && navigator.onLine) {
      fetchNear().catch(() => {});
    }
  }, IDLE_MS);
};

// Where the answer to an entry is a newer sheet, the kept one becomes that.
document.addEventListener("htmx:afterRequest", (event) => {
  const { xhr, successful } = event.detail;
  const address = xhr.getResponseHeader("X-Sheet");
  if (successful && address) {
    worker()?.postMessage({ keep: address, like: window.location.href, sheet: xhr.responseText });
    sessionStorage.removeItem(FETCHED);
    whenIdle();
  }
});

if ("serviceWorker" in navigator) {
  navigator.serviceWorker
    .register("/sw.js")
    .then(() => navigator.serviceWorker.ready)
    .then((ready) => {
      ready.active.postMessage({ person });
      whenIdle();
    });
}

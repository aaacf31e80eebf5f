// Keeps what is built and the sheets one looked at, for when there is no line. What comes from the server always wins.
const ASSETS = "dj-assets-1";
const PAGES = "dj-pages-1";
const PERSON = "dj-person-1";
const MOST_PAGES = 300;
const KEPT_AT = "X-Kept-At";

self.addEventListener("install", () => self.skipWaiting());
self.addEventListener("activate", (event) => event.waitUntil(self.clients.claim()));

// Each build has its own names: what is kept of one never changes.
const asset = async (request) => {
  const cache = await caches.open(ASSETS);
  const kept = await cache.match(request);
  if (kept) {
    return kept;
  }
  const answer = await fetch(request);
  if (answer.ok) {
    await cache.put(request, answer.clone());
  }
  return answer;
};

const forget = async (cache) => {
  const keys = await cache.keys();
  await Promise.all(keys.slice(0, Math.max(0, keys.length - MOST_PAGES)).map((key) => cache.delete(key)));
};

const isPage = (answer) =>
  answer.ok && !answer.redirected && (answer.headers.get("Content-Type") ?? "").startsWith("text/html");

const keep = async (url, answer) => {
  const cache = await caches.open(PAGES);
  const headers = new Headers(answer.headers);
  headers.set(KEPT_AT, new Date().toISOString());
  headers.delete("Content-Length");
  await cache.delete(url);
  await cache.put(url, new Response(await answer.text(), { headers }));
  await forget(cache);
};

// A sheet from the store says of when it is: what happened since is not on it, and what it proposed then may be wrong by now.
const keptPage = async (url) => {
  const kept = await (await caches.open(PAGES)).match(url);
  const html = await kept?.text();
  const at = kept?.headers.get(KEPT_AT) ?? "";
  return kept && new Response(html.replace("<html ", `<html data-kept="${at}" `), { headers: kept.headers });
};

const page = async (request) => {
  const url = request.url.split("#")[0];
  const answer = await fetch(request).catch(() => Response.error());
  if (isPage(answer)) {
    await keep(url, answer.clone());
    return answer;
  }
  const isAway = answer.type === "error" || answer.status >= 500;
  return (isAway && (await keptPage(url))) || answer;
};

const isPageOf = (request, url) =>
  request.mode === "navigate" || (request.headers.has("X-Keep") && url.pathname.startsWith("/jobs/"));

self.addEventListener("fetch", (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== "GET" || url.origin !== self.location.origin) {
    return;
  }
  if (url.pathname.startsWith("/build/assets/")) {
    event.respondWith(asset(request));
  } else if (isPageOf(request, url)) {
    event.respondWith(page(request));
  }
});

// A sheet that came in answer to an entry takes the place of the one that is kept: the frame around it stays.
const replace = async ({ keep: at, like, sheet }) => {
  const cache = await caches.open(PAGES);
  const frame =
    (await cache.match(at)) ?? (await cache.match(like)) ?? (await cache.match(like, { ignoreSearch: true }));
  const html = await frame?.clone().text();
  const start = html?.indexOf('<div id="job"') ?? -1;
  const end = html?.indexOf('<dialog id="keys"') ?? -1;
  if (start >= 0 && end > start && sheet.trimStart().startsWith('<div id="job"')) {
    await keep(at, new Response(html.slice(0, start) + sheet + html.slice(end), { headers: frame.headers }));
  }
};

// Another person's sheets are not theirs: they go when somebody else, or nobody, is signed in.
const own = async (person) => {
  const cache = await caches.open(PERSON);
  const kept = await cache.match("/");
  if (kept && (await kept.text()) !== person) {
    await caches.delete(PAGES);
  }
  await cache.put("/", new Response(person));
};

self.addEventListener("message", (event) => {
  if (event.data.person !== undefined) {
    event.waitUntil(own(event.data.person));
  } else if (event.data.keep) {
    event.waitUntil(replace(event.data));
  }
});

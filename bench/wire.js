// What goes over the wire, as the browser counts it: the first page of a job with all it needs, and the swap after an entry.
// node bench/wire.js URL
import { chromium } from "@playwright/test";

const [url] = process.argv.slice(2);
const kB = (bytes) => `${(bytes / 1000).toFixed(0)} kB`;
const sum = (list) => list.reduce((bytes, one) => bytes + one.transferSize, 0);
const timings = (page) =>
  page.evaluate(() =>
    [...performance.getEntriesByType("navigation"), ...performance.getEntriesByType("resource")].map((one) => ({
      name: new URL(one.name).pathname,
      transferSize: one.transferSize,
    })),
  );

const browser = await chromium.launch({ executablePath: "/usr/bin/chromium-headless-shell", args: ["--no-sandbox", "--disable-gpu"] });
const signedIn = async () => {
  const context = await browser.newContext({ baseURL: url, serviceWorkers: "block", viewport: { width: 390, height: 844 } });
  const page = await context.newPage();
  await page.goto("/sign-in");
  await page.getByRole("button", { name: /Okafor/ }).click();
  await page.waitForURL((at) => at.pathname !== "/sign-in");
  return page;
};

const page = await signedIn();
const job = await page.locator('.dj-rows a[href*="/jobs/"], a[href*="/jobs/"]:not([href*="create"])').first().getAttribute("href");
const path = `${new URL(job, url).pathname.split("/").slice(0, 3).join("/")}/strip`;
// The same person on a device that has nothing of it yet.
const state = await page.context().storageState();
const fresh = await browser.newContext({ baseURL: url, storageState: state, serviceWorkers: "block" });
const first = await fresh.newPage();
await first.setViewportSize({ width: 390, height: 844 });
await first.goto(path);
await first.evaluate(() => document.fonts.ready);
const loaded = await timings(first);
console.log(`  first load of a sheet: ${kB(sum(loaded))}`);
loaded
  .sort((a, b) => b.transferSize - a.transferSize)
  .slice(0, 8)
  .forEach((one) => console.log(`    ${kB(one.transferSize).padStart(7)}  ${one.name}`));

await first.evaluate(() => performance.clearResourceTimings());
await first.keyboard.press("l");
await first.locator("#note-text").fill("weighed as it came");
await first.getByRole("button", { name: "Log the note" }).click();
await first.locator(".dj-ribbon li.now", { hasText: "weighed as it came" }).waitFor();
const swapped = (await timings(first)).filter((one) => one.name.startsWith("/jobs/") && one.name !== path);
const again = (await timings(first)).filter((one) => one.name === path).slice(1);
console.log(`  a swap: ${kB(sum([...swapped, ...again]))} in ${swapped.length + again.length} requests`);
await browser.close();

import { execFileSync, spawn } from "node:child_process";
import { broken, expect, openJob, signIn, test } from "./bench.js";

const root = new URL("../..", import.meta.url).pathname;

// Sends lines of JSON with curl, an instrument that none of us wrote.
const curl = (url, key, lines) =>
  JSON.parse(
    execFileSync(
      "curl",
      [
        "-s",
        "-X",
        "POST",
        `${url}/instruments/samples`,
        "-H",
        `Authorization: Bearer ${key}`,
        "--data-binary",
        "@-",
      ],
      { input: lines.map((line) => JSON.stringify(line)).join("\n") },
    ).toString(),
  );

const head = () => ({ protocol: 1, sent_at: Date.now() / 1000 });
const sample = (seq, psi, ago = 0) => ({
  seq,
  t: Date.now() / 1000 - ago,
  quantity: "pressure",
  unit: "psi",
  value: psi,
});

// The owner registers a gauge and copies its key.
const register = async (page, name) => {
  await page.goto("/instruments");
  await page.getByLabel("Name").fill(name);
  await page.getByRole("button", { name: "Register, show its key" }).click();
  return page.locator(".dj-key code").textContent();
};

const putOn = async (page, job, name) => {
  await page.goto(`${job}/bench-test`);
  await page.locator(".dj-golive summary").click();
  await page.getByLabel("Gauge on the rig").selectOption({ label: name });
  await page.getByRole("button", { name: "Watch it" }).click();
  await expect(page.getByRole("heading", { name: `${name}, live` })).toBeVisible();
};

test("a slow leak is watched to its verdict on a phone, with one thumb", async ({
  browser,
  baseURL,
}) => {
  const context = await browser.newContext({
    baseURL,
    hasTouch: true,
    viewport: { width: 390, height: 844 },
  });
  const page = await context.newPage();
  await signIn(page, "June Halloran");
  const job = await openJob(page);
  await page.goto(`${job}/bench-test`);
  await page.locator(".dj-golive summary").tap();
  await page.getByLabel("A stand-in, for the demo").selectOption("slow-leak");
  await page.getByRole("button", { name: "Start the stand-in" }).tap();
  const prompt = page.locator("[data-prompt]");
  await expect(prompt).toContainText("Stop at 5 psi", { timeout: 30_000 });
  await expect(prompt).toContainText("Holding", { timeout: 60_000 });
  await expect(page.locator("[data-word]")).toHaveText("Leaks", { timeout: 60_000 });
  const hand = await page.locator("[data-pointer]").getAttribute("transform");
  await expect(page.locator("[data-pointer]")).not.toHaveAttribute("transform", hand);
  // It ends by itself and is in the log, once.
  await expect(page.locator("[data-live]")).toHaveCount(0, { timeout: 120_000 });
  await expect(page.locator(".dj-verdict")).toContainText(/Slow leak/i);
  await page.goto(`${job}/log`);
  await expect(page.locator("li, tr").filter({ hasText: /Leak \d/ })).toHaveCount(1);
  await context.close();
});

test("curl is an instrument: two people see the same, a lost connection is said and made up", async ({
  page,
  browser,
  baseURL,
}) => {
  await signIn(page);
  const name = `Gauge ${Date.now()}`;
  const key = await register(page, name);
  const job = await openJob(page);
  await putOn(page, job, name);
  expect(curl(baseURL, key, [head(), sample(1, 4.25)])).toMatchObject({ kept: 1, known: 0 });
  await expect(page.locator("[data-reading]")).toHaveText("4.25");
  const other = await browser.newContext({ baseURL });
  const second = await other.newPage();
  await signIn(second, "Teo Vanska");
  await second.goto(`${job}/bench-test`);
  await expect(second.locator("[data-reading]")).toHaveText("4.25");
  await page.context().setOffline(true);
  await expect(page.locator("[data-age]")).toContainText("Nothing is lost");
  expect(
    curl(baseURL, key, [head(), sample(1, 4.25), sample(2, 4.2), sample(3, 4.1)]),
  ).toMatchObject({
    kept: 2,
    known: 1,
  });
  await expect(second.locator("[data-reading]")).toHaveText("4.10");
  await page.context().setOffline(false);
  await expect(page.locator("[data-reading]")).toHaveText("4.10");
  expect(curl(baseURL, "no-such-key", [head(), sample(4, 4)])).toMatchObject({
    error: "unknown_key",
  });
  // The brass key takes it off again, by keyboard.
  await page.keyboard.press("n");
  await expect(page.locator("[data-live]")).toHaveCount(0);
  expect(curl(baseURL, key, [head(), sample(5, 4)])).toMatchObject({ error: "no_run" });
  await other.close();
});

test("a watched page asks four times a second, and draws what came at once at its own times", async ({
  browser,
  baseURL,
}) => {
  const context = await browser.newContext({ baseURL, reducedMotion: "no-preference" });
  const page = await context.newPage();
  await signIn(page);
  const name = `Gauge ${Date.now()}`;
  const key = await register(page, name);
  const job = await openJob(page);
  await putOn(page, job, name);
  curl(baseURL, key, [head(), sample(1, 1)]);
  await expect(page.locator("[data-reading]")).toHaveText("1.00");
  await page.evaluate(() => {
    window.seen = [];
    const place = document.querySelector("[data-reading]");
    new MutationObserver(() => window.seen.push(place.textContent)).observe(place, {
      childList: true,
    });
  });
  let asked = 0;
  page.on("request", (request) => (asked += Number(request.url().includes("?after="))));
  const began = Date.now();
  // Batches of eight readings, a tenth of a second apart by a clock of the gauge's own.
  let t = Date.now() / 1000;
  for (const at of [2, 3, 4]) {
    const batch = [1, 2, 3, 4, 5, 6, 7, 8].map((i) => ({
      ...sample(8 * at - 16 + 1 + i, at + i / 10),
      t: (t += 0.1),
    }));
    expect(curl(baseURL, key, [{ ...head(), sent_at: t }, ...batch])).toMatchObject({ kept: 8 });
    await expect(page.locator("[data-reading]")).toHaveText(`${at}.80`);
  }
  const seen = await page.evaluate(() => window.seen);
  // More than the last of each: a busy machine may skip a frame, not all of them.
  expect(new Set(seen).size, seen.join()).toBeGreaterThan(5);
  expect(seen).toEqual([...seen].sort());
  await page.waitForTimeout(1000);
  expect(asked / ((Date.now() - began) / 1000)).toBeLessThanOrEqual(4.5);
  await context.close();
});

test("a server that is killed and started again loses no sample and keeps none twice", async ({
  page,
  baseURL,
}) => {
  test.skip(process.env.DB_DATABASE === undefined, "needs the database of bin/test");
  await signIn(page);
  const name = `Gauge ${Date.now()}`;
  const key = await register(page, name);
  const job = await openJob(page);
  await putOn(page, job, name);
  const port = 8890 + (Number(process.env.TEST_WORKER_INDEX ?? 0) % 50);
  const serve = () =>
    spawn("php", ["-S", `127.0.0.1:${port}`, "-t", "public", "bin/router.php"], {
      cwd: root,
      stdio: "ignore",
    });
  let server = serve();
  const gauge = spawn(
    "php",
    [
      "bin/instrument",
      "gauge",
      "--scenario",
      "tight",
      "--url",
      `http://127.0.0.1:${port}`,
      "--seconds",
      "14",
    ],
    {
      cwd: root,
      stdio: "ignore",
      env: { ...process.env, DUSTY_JET_KEY: key, STAND_IN_PACE: "1" },
    },
  );
  const ended = new Promise((resolve) => gauge.on("exit", resolve));
  const kept = async () => {
    const watch = await page.locator("[data-live]").getAttribute("data-live");
    const answer = await page.request.get(`${watch}?after=0`);
    return (await answer.json()).samples.map(([seq]) => seq);
  };
  await expect.poll(async () => (await kept()).length).toBeGreaterThan(20);
  server.kill("SIGKILL");
  await page.waitForTimeout(2500);
  const before = (await kept()).length;
  server = serve();
  await ended;
  server.kill("SIGKILL");
  const seqs = await kept();
  expect(seqs.length).toBeGreaterThan(before + 20);
  // One after the other, from the first to the last, each once.
  expect(seqs).toEqual(seqs.map((_, i) => seqs[0] + i));
  expect(baseURL).not.toContain(String(port));
});

for (const theme of ["light", "dark"]) {
  test(`a live run and the instruments break no accessibility rule: ${theme}`, async ({
    page,
    baseURL,
    context,
  }) => {
    await context.addCookies([{ name: "dj_theme", value: theme, url: baseURL }]);
    await signIn(page);
    const name = `Gauge ${Date.now()}`;
    const key = await register(page, name);
    const violations = () => broken(page, theme);
    expect(await violations(), "instruments").toEqual([]);
    const job = await openJob(page);
    await page.goto(`${job}/bench-test`);
    await page.locator(".dj-golive summary").click();
    expect(await violations(), "before").toEqual([]);
    await putOn(page, job, name);
    curl(baseURL, key, [head(), sample(1, 4.25)]);
    await expect(page.locator("[data-reading]")).toHaveText("4.25");
    expect(await violations(), "live").toEqual([]);
  });
}

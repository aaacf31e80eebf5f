import { execFileSync } from "node:child_process";
import { broken, expect, openJob, signIn, test } from "./bench.js";

const root = new URL("../..", import.meta.url).pathname;

// Where the virtual engine of a seed is best, reckoned apart from the page.
const bestOf = (family, variant, seed) =>
  JSON.parse(
    execFileSync("php", ["tests/Browser/best.php", family, variant, String(seed)], {
      cwd: root,
    }).toString(),
  );

const turns = (text) =>
  text
    .trim()
    .split(" ")
    .map((part) =>
      part.includes("/") ? Number(part.split("/")[0]) / Number(part.split("/")[1]) : Number(part),
    )
    .reduce((sum, part) => sum + part, 0);

const practise = async (page, seed) => {
  await page.locator(".dj-golive summary").click();
  const form = page.locator("form", {
    has: page.getByRole("button", { name: "Practice on a virtual engine" }),
  });
  await form.evaluate((element, given) => {
    const field = Object.assign(document.createElement("input"), {
      type: "hidden",
      name: "seed",
      value: given,
    });
    element.append(field);
  }, String(seed));
  await form.getByRole("button").click();
  await expect(page.locator("[data-tach]")).toBeVisible();
};

const steady = (page) => page.locator("#rpm[data-steady=yes]");

// Logs what the tachometer shows and what is heard, and goes where the sheet sends the screw, until it says leave.
const tune = async (page, marks, press) => {
  for (let reading = 1; reading <= 16; reading += 1) {
    await steady(page).waitFor({ timeout: 30_000 });
    const heard = (await page.locator("[data-heard]").textContent()) ?? "";
    const mark = marks.find(([word]) => heard.includes(word))?.[1] ?? "Log";
    await press(page.locator("#read-form").getByRole("button", { name: new RegExp(`^${mark}`) }));
    await expect(page.locator(".steady")).toContainText(`reading ${reading}`, { timeout: 15_000 });
    if (
      (
        await page
          .locator(".mixrun .nxt")
          .first()
          .textContent()
          .catch(() => "")
      )?.startsWith("leave at")
    ) {
      return reading;
    }
  }
  return null;
};

const leave = async (page, press) => {
  const field = page.locator("#work-form input[name=turns]");
  const at = turns(await field.inputValue());
  await press(page.locator("#work-form").getByRole("button", { name: "Leave it here" }));
  return at;
};

test("a saw is tuned by the suggested moves with the live tachometer, H from the rich side", async ({
  page,
}) => {
  test.setTimeout(240_000);
  const seed = 4711;
  await signIn(page, "June Halloran");
  const job = await openJob(page, { family: "cube_opposed", machine: `Tuned saw ${Date.now()}` });
  const best = bestOf("cube_opposed", "", seed);
  await page.goto(`${job}/run?screw=high`);
  await practise(page, seed);
  const click = (button) => button.click();
  await page.goto(`${job}/run?screw=high`);
  await page.locator("[data-throttle]").click();
  const readings = await tune(
    page,
    [
      ["flutters", "Flutters"],
      ["clean", "Clean"],
      ["screams", "Clean"],
    ],
    click,
  );
  expect(readings).toBeLessThanOrEqual(10);
  const high = await leave(page, click);
  expect(Math.abs(high - best.high)).toBeLessThanOrEqual(0.2);
  await expect(page.getByRole("link", { name: /^H/ })).toContainText("left");
  expect(await broken(page)).toEqual([]);
  await page.getByRole("button", { name: /^Stop Stand-in/ }).click();
  await expect(page.locator("[data-tach]")).toHaveCount(0);
});

test("three columns are brought even by the live vacuum set, on a phone", async ({
  browser,
  baseURL,
}) => {
  test.setTimeout(240_000);
  const context = await browser.newContext({
    baseURL,
    hasTouch: true,
    viewport: { width: 390, height: 844 },
  });
  const page = await context.newPage();
  await signIn(page, "Teo Vanska");
  const job = await openJob(page, { family: "outboard_bank", machine: `Tuned bank ${Date.now()}` });
  for (const [screw, at] of [
    ["top", "2"],
    ["middle", "2 1/8"],
    ["bottom", "2"],
    ["idle_speed", "1"],
  ]) {
    await page.goto(`${job}/run?screw=${screw}`);
    await page.locator("#work-form input[name=turns]").fill(at);
    await page.locator("#work-form").getByRole("button", { name: "Leave it here" }).tap();
    await expect(page.locator(".dj-tests a", { hasText: "left" }).first()).toBeVisible();
    await page.waitForLoadState("networkidle");
  }
  await page.goto(`${job}/run?screw=balance`);
  await page.locator("#reference-form").getByRole("button", { name: "Middle" }).tap();
  await expect(page.locator("#bank-form")).toBeVisible();
  await practise(page, 12);
  for (let move = 0; move < 40; move += 1) {
    if (await page.locator("#turn-form").count()) {
      await page.locator("#turn-form button").tap();
      await expect(page.locator("#turn-form")).toHaveCount(0);
    }
    for (let blip = 0; blip < 3; blip += 1) {
      await expect(page.locator("[data-said]")).toHaveText("Steady: log it.", { timeout: 20_000 });
      await page.locator("[data-blip]").tap();
    }
    const logged = await page.locator(".bank").count();
    const before = logged ? await page.locator(".bank").getAttribute("aria-label") : "";
    await page.locator("#bank-form").getByRole("button", { name: "Log the columns" }).tap();
    await expect(page.locator(".bank")).not.toHaveAttribute("aria-label", before ?? "", {
      timeout: 15_000,
    });
    if ((await page.locator("#turn-form").count()) === 0) {
      break;
    }
  }
  await expect(page.locator(".dj-tests a[aria-current]")).toContainText("even");
  const read = (await page.locator(".bank .rd").allTextContents()).map(Number);
  expect(Math.max(...read) - Math.min(...read)).toBeLessThan(1);
  expect(await broken(page)).toEqual([]);
  await context.close();
});

test("a mower's three screws are set low, high, low and the idle last", async ({ page }) => {
  test.setTimeout(300_000);
  const seed = 31;
  await signIn(page, "June Halloran");
  const job = await openJob(page, {
    family: "float_adjustable_main",
    machine: `Tuned mower ${Date.now()}`,
  });
  const best = bestOf("float_adjustable_main", "", seed);
  const click = (button) => button.click();
  await page.goto(`${job}/run?screw=idle_mixture`);
  await practise(page, seed);
  await page.goto(`${job}/run?screw=idle_mixture`);
  expect(await tune(page, [], click)).toBeLessThanOrEqual(14);
  expect(Math.abs((await leave(page, click)) - best.idle_mixture)).toBeLessThanOrEqual(0.5);

  await page.goto(`${job}/run?screw=main`);
  await page.locator("[data-throttle]").click();
  expect(await tune(page, [], click)).toBeLessThanOrEqual(14);
  await leave(page, click);
  // The idle is fed from the main circuit: it is to be run again.
  await expect(page.locator(".dj-stale")).toContainText("Idle mixture");
  await page.goto(`${job}/run?screw=idle_mixture`);
  await page.locator("[data-throttle]").click();
  await steady(page).waitFor();
  await leave(page, click);
  await expect(page.locator(".dj-stale", { hasText: "Idle mixture" })).toHaveCount(0);
  await page.goto(`${job}/run?screw=idle_speed`);
  await leave(page, click);
  await expect(page.locator(".dj-tests a", { hasText: "left" })).toHaveCount(3);
});

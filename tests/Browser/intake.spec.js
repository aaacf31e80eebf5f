// From an empty intake to the first check, by thumb and by keyboard; the board re-ranks in place; a drip never leads to a start.
import { expect, signInAtTheDoor as signIn, test } from "./bench.js";

const brass = (page) => page.locator("[data-next]");
const leader = (page) => page.locator(".dj-suspects summary").first();

const fillMachine = async (page, machine) => {
  await page.getByLabel("Machine", { exact: true }).fill(machine);
  await page.getByLabel("Engine", { exact: true }).fill("160 cc four-stroke");
};

test.describe("on a phone", () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  test("an intake from empty to the first check and on, with one thumb", async ({ page }) => {
    await signIn(page);
    await page.goto("/jobs/create?family=float_pilot_jet");
    await page.getByLabel("Hard to start, badly").tap();
    await page.getByLabel("Will not idle").tap();
    await expect(page.getByLabel("Hard to start, badly")).toBeChecked();
    // A second tap takes it back, another grade replaces it.
    await page.getByLabel("Hard to start, badly").tap();
    await expect(page.getByLabel("Hard to start, badly")).not.toBeChecked();
    await page.getByLabel("Hard to start, a little").tap();
    await expect(page.getByLabel("Hard to start, a little")).toBeChecked();
    await fillMachine(page, "Tilby choke mower");
    await brass(page).tap();
    await page.waitForURL(/intake/);
    await expect(page.locator(".dj-suspects summary").first()).toContainText("%");
    const first = await page.locator(".dj-next .do").textContent();
    await brass(page).tap();
    await expect(page.locator("#answers button").first()).toBeFocused();
    await expect(page.locator("#answers button").first()).toBeInViewport();
    await page.locator("#answers button").first().tap();
    await expect(page.locator(".dj-next .do")).not.toHaveText(first);
    await expect(page.locator(".dj-said li")).not.toHaveCount(2);
  });
});

test("an intake from empty to the first check by keyboard alone", async ({ page }) => {
  await signIn(page);
  await page.keyboard.press("i");
  await page.waitForURL(/create/);
  await page.getByRole("link", { name: /pilot jet and pilot screw/ }).focus();
  await page.keyboard.press("Enter");
  await page.waitForURL(/family=float_pilot_jet/);
  await page.getByLabel("Will not start").focus();
  await page.keyboard.press("Space");
  await expect(page.getByLabel("Will not start")).toBeChecked();
  await page.getByLabel("Machine", { exact: true }).focus();
  await page.keyboard.type("Tilby silent mower");
  await page.getByLabel("Engine", { exact: true }).focus();
  await page.keyboard.type("160 cc four-stroke");
  await page.keyboard.press("Enter");
  await page.waitForURL(/intake/);
  await page.keyboard.press("n");
  await expect(page.locator("#answers button").first()).toBeFocused();
  await page.keyboard.press("Tab");
  await page.keyboard.press("Enter");
  await expect(page.locator(".dj-ribbon li").first()).toContainText("yes");
});

test("each answer ranks the suspects again, in place", async ({ page }) => {
  await signIn(page);
  await page.goto("/jobs/create?family=float_pilot_jet");
  await page.getByLabel("Hard to start, badly").check();
  await fillMachine(page, "Tilby ranked mower");
  await brass(page).click();
  await page.waitForURL(/intake/);
  let loads = 0;
  page.on("load", () => {
    loads += 1;
  });
  await page.getByText("Other checks, and why they lost").click();
  await page.goto(`${page.url()}?check=spark_test`);
  loads = 0;
  await page.getByRole("button", { name: "None" }).click();
  await expect(leader(page)).toContainText("Poor plug or lead");
  await leader(page).click();
  await expect(page.locator("#suspect-weak_spark")).toContainText(
    /the spark is poor, none\s+[\d.]+× likelier/,
  );
  await page.getByRole("button", { name: "Undo: The spark is poor, none" }).click();
  await expect(leader(page)).not.toContainText("Poor plug or lead");
  expect(loads).toBe(0);
});

test("an engine that drips is never to be started", async ({ page }) => {
  await signIn(page);
  await page.goto("/jobs/create?family=float_pilot_jet");
  await page.getByLabel("Fuel drips").check();
  await page.getByLabel("Hard to start, badly").check();
  await fillMachine(page, "Tilby dripping mower");
  await brass(page).click();
  await page.waitForURL(/intake/);
  await expect(page.getByText("Do not try to start it.").first()).toBeVisible();
  const starts =
    /\bRun it\b|Prime it|Load it|Watch the exhaust|Wet the joints|quarter turn|governed speed|idle speed with/;
  for (let i = 0; i < 6; i++) {
    const move = page.locator(".dj-next .do");
    const said = await move.textContent();
    expect(said).not.toMatch(starts);
    for (const other of await page.locator(".dj-rows a span").allTextContents()) {
      expect(other).not.toMatch(starts);
    }
    if (
      (await page.locator("#answers button").count()) === 0 ||
      !(await page.url()).includes("intake")
    ) {
      break;
    }
    const log = await page.locator(".dj-all").textContent();
    await page.locator("#answers button").first().click();
    await expect(page.locator(".dj-all")).not.toHaveText(log);
  }
  await expect(page.getByText("Not safe: fuel drips.").first()).toBeAttached();
});

test("a machine that was here is found as its name is typed", async ({ page }) => {
  await signIn(page);
  await page.goto("/jobs/create?family=float_pilot_jet");
  await page.getByLabel("Machine", { exact: true }).pressSequentially("osier");
  await page.getByRole("button", { name: /Osier 3 kW generator/ }).click();
  await expect(page.getByLabel("Engine", { exact: true })).toHaveValue("196 cc four-stroke");
  await expect(page.getByLabel("Machine", { exact: true })).toHaveValue("Osier 3 kW generator");
});

test("a flooded engine is cleared step by step, and the pulls are counted", async ({ page }) => {
  await signIn(page);
  await page.goto("/jobs/create?family=float_pilot_jet");
  await page.getByLabel("Floods").check();
  await fillMachine(page, "Tilby flooded mower");
  await brass(page).click();
  await page.waitForURL(/intake/);
  await page.locator("summary", { hasText: "Clear a flooded engine" }).click();
  await page.locator(".dj-flow").getByRole("button", { name: "No", exact: true }).click();
  await page.locator(".dj-flow").getByRole("button", { name: "Done" }).click();
  await expect(page.locator(".dj-flow")).toContainText("0 of at most 10 pulls");
  for (let i = 1; i <= 3; i++) {
    await page.locator(".dj-flow").getByRole("button", { name: "One more" }).click();
    await expect(page.locator(".dj-flow")).toContainText(`${i} of at most 10 pulls`);
  }
  await page.locator(".dj-flow").getByRole("button", { name: "That did it" }).click();
  await expect(page.locator(".dj-flow")).toContainText("It fires: warm it");
});

// How a job ends otherwise, what is said from any station, and what follows a test that failed.
import { expect, openJob, signIn, test } from "./bench.js";

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

const nextMove = (page) => page.locator(".dj-next .do");

test("on a phone, a finding is said from the Strip station in two taps and changes what comes next", async ({
  page,
}) => {
  await signIn(page);
  const job = await openJob(page, { machine: "Tilby said", family: "float_pilot_jet" });
  await page.goto(`${job}/strip`);
  await page.getByRole("link", { name: "Say a finding" }).tap();
  await page.waitForURL(/look=say/);
  await expect(page.locator("#say-rows li").first()).toContainText("It began after a rebuild");
  await page.getByLabel("Part, place or word").fill("vent");
  await expect(page.getByRole("button", { name: "The fuel smells stale" })).toBeHidden();
  await page.getByRole("button", { name: "Fuel comes from vent or throat" }).tap();
  await expect(page.locator(".dj-said")).toContainText("Fuel comes from vent or throat");
  await expect(page.getByText("Do not try to start it.").first()).toBeVisible();
});

test("on a phone, a failed bulb test changes the next move", async ({ page }) => {
  await signIn(page);
  const job = await openJob(page, { machine: "Korvo bulb", family: "outboard_bank" });
  await page.goto(`${job}/bench-test`);
  const before = await nextMove(page).textContent();
  const seen = await page.locator(".dj-all").textContent();
  await page.locator("summary", { hasText: "Other tests of this family" }).tap();
  await page.getByRole("button", { name: "Bulb and pigtail: fails" }).tap();
  await expect(page.locator(".dj-all")).not.toHaveText(seen);
  await page.goto(`${job}/intake`);
  await expect(page.getByText("Do not try to start it.").first()).toBeVisible();
  await expect(nextMove(page)).not.toHaveText(before);
});

test("on a phone, another carburetor, and a machine that goes back as it is", async ({ page }) => {
  await signIn(page);
  const job = await openJob(page, { machine: "Tilby scrapped", family: "float_pilot_jet" });
  await page.goto(`${job}/hand-back`);
  await page.locator("#ends summary").tap();
  await page.getByLabel("Another carburetor was fitted: which").fill("new, same type");
  const seen = await page.locator(".dj-all").textContent();
  await page.getByRole("button", { name: "Fitted", exact: true }).tap();
  await expect(page.locator(".dj-all")).not.toHaveText(seen);
  await page.goto(`${job}/log`);
  await expect(page.getByText("Another carburetor: new, same type").first()).toBeVisible();
  await page.goto(`${job}/hand-back`);
  await page.locator("#ends summary").tap();
  await page.getByLabel("It goes back unrepaired: why").fill("no parts to be had");
  await page.getByRole("button", { name: "Return it" }).tap();
  await expect(page.getByRole("heading", { name: "Done" })).toBeVisible();
  await page.goto(`${job}/report`);
  await expect(page.getByText("no parts to be had").first()).toBeVisible();
});

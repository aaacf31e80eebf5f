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
  const plate = page.locator(".dj-next");
  await expect(plate).not.toContainText("Strip it");
  const seen = await page.locator(".dj-all").textContent();
  await page.locator(".dj-benchtabs").getByRole("link", { name: "Float" }).tap();
  await page.getByRole("button", { name: "Bulb and pigtail: fails" }).tap();
  await expect(page.locator(".dj-all")).not.toHaveText(seen);
  await page.goto(`${job}/intake`);
  await expect(page.getByText("Do not try to start it.").first()).toBeVisible();
  // It leads inside the carburetor: the count is what is done on the way there.
  await expect(plate).toContainText("Strip it, clean everything, fit the kit");
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

test("on a phone, a job waits for a part, goes on, and comes back", async ({ page }) => {
  await signIn(page);
  const machine = `Osier waits ${Date.now()}`;
  const job = await openJob(page, { machine, family: "float_pilot_jet" });
  await page.goto(`${job}/hand-back`);
  await page.locator("#ends summary").tap();
  await page.getByLabel("Which part, or what was asked").fill("bowl gasket");
  await page.getByLabel("Until, if anybody said").fill("2031-01-09");
  await page.getByRole("button", { name: "Let it wait" }).tap();
  await expect(nextMove(page)).toHaveText("Waits for a part, bowl gasket");
  await page.goto("/");
  const waiting = page.getByRole("region", { name: "Waiting" });
  await expect(waiting.getByRole("link", { name: new RegExp(machine) })).toContainText(
    "until Thu, Jan 9",
  );
  await waiting.getByRole("link", { name: new RegExp(machine) }).tap();
  await page.getByRole("button", { name: /It is here/ }).tap();
  await expect(nextMove(page)).not.toHaveText("Waits for a part, bowl gasket");

  await page.goto(`${job}/hand-back`);
  await page.locator("#ends summary").tap();
  await page.getByLabel("It goes back unrepaired: why").fill("the customer wants it as it is");
  await page.getByRole("button", { name: "Return it" }).tap();
  await page.getByRole("link", { name: /It came back/ }).tap();
  await expect(page.getByRole("heading", { name: /Come-back of DJ-/ })).toBeVisible();
  await expect(page.getByLabel("Machine", { exact: true })).toHaveValue(machine);
  await page.getByLabel("In the customer's words").fill("drips");
  await page.getByRole("button", { name: /Open the job/ }).tap();
  await page.waitForURL(/intake/);
  await expect(page.getByRole("link", { name: /Came back from DJ-/ })).toBeVisible();
  await expect(page.locator(".dj-said")).toContainText("It began after a rebuild");
  await page.goto(`${job}/hand-back`);
  await expect(page.getByRole("link", { name: /Came back as DJ-/ })).toBeVisible();
});

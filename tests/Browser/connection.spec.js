import { expect, openJob, signIn, test } from "./bench.js";

test("a double tap adds one entry", async ({ page }) => {
  await signIn(page);
  const job = await openJob(page);
  await page.goto(`${job}/as-found`);
  await page.locator("#turns").fill("1 3/4");
  await page.getByRole("button", { name: "Counted in, log" }).dblclick();
  await expect(page.locator(".dj-next .do")).toContainText("idle speed");
  await page.goto(`${job}/log`);
  await expect(page.getByText("Idle mixture screw as found")).toHaveCount(1);
});

test("a double tap on the brass key does its own move and not the one after it", async ({
  page,
}) => {
  await signIn(page);
  const job = await openJob(page);
  await page.goto(`${job}/strip`);
  await page.route("**/entries/part_off", async (route) => {
    await new Promise((wait) => setTimeout(wait, 250));
    await route.continue();
  });
  // The key that submits from outside the form is not disabled while its request is on the way.
  await page.getByRole("button", { name: "Off: air cleaner box", exact: true }).dblclick();
  await expect(page.getByText("1 of 24 off")).toBeVisible();
  await page.waitForTimeout(700);
  await expect(page.getByText("1 of 24 off")).toBeVisible();
});

test("a lost connection loses nothing and doubles nothing", async ({ page, context }) => {
  await signIn(page);
  const job = await openJob(page);
  await page.goto(`${job}/strip`);
  await context.setOffline(true);
  await page.locator("#off-air_cleaner button").click();
  await expect(page.locator("#waiting")).toContainText("1 kept on this device");
  await context.setOffline(false);
  await expect(page.getByText("1 of 24 off")).toBeVisible();
  await expect(page.locator("#waiting")).toBeHidden();
  await page.goto(`${job}/log`);
  await expect(page.getByText("Air cleaner box")).toHaveCount(1);
});

test("two people at once: notes add up, a setting says what changed", async ({
  page,
  browser,
  baseURL,
}) => {
  await signIn(page);
  const job = await openJob(page);
  const other = await (await browser.newContext({ baseURL })).newPage();
  await signIn(other, "June Halloran");
  await page.goto(`${job}/set?screw=idle_mixture`);
  await other.goto(`${job}/set?screw=idle_mixture`);
  await other.locator("#turns").fill("2");
  await other.getByRole("button", { name: "Set, log" }).click();
  await expect(other.locator(".dj-ribbon li.now")).toContainText("set to");
  await page.locator("#turns").fill("1");
  await page.getByRole("button", { name: "Set, log" }).click();
  await expect(page.getByRole("alert")).toContainText("June Halloran logged");
  await page.getByRole("alert").getByRole("button", { name: "Close" }).click();
  await page.getByRole("button", { name: /Note/ }).click();
  await page.locator("#note-text").fill("seen by both");
  await page.getByRole("button", { name: "Log the note" }).click();
  await expect(page.locator(".dj-ribbon li.now")).toContainText("seen by both");
  await other.context().close();
});

test("an apprentice is told politely what is not theirs", async ({ page }) => {
  await signIn(page, "Addie Quill");
  const job = await openJob(page);
  await page.goto(`${job}/hand-back`);
  expect((await page.request.post("/job-files")).status()).toBeGreaterThanOrEqual(400);
  await expect(page.getByText("in the way")).toBeVisible();
});

test("a job goes out as a file and the same bench refuses it back", async ({ page }) => {
  await signIn(page);
  const job = await openJob(page);
  await page.goto(`${job}/hand-back`);
  const [download] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("link", { name: "Job file" }).click(),
  ]);
  await page.goto("/");
  await page.setInputFiles("#job-file", await download.path());
  await page.getByRole("button", { name: "Import" }).click();
  await expect(page.getByRole("alert")).toContainText("here already");
});

test("a double tap on the key of a note logs the note, and takes off nothing that lies beneath", async ({
  page,
}) => {
  await signIn(page);
  const job = await openJob(page);
  await page.goto(`${job}/strip`);
  // Without a line the dialog closes at once.
  await page.route("**/entries/note_added", (route) => route.abort());
  await page.getByRole("button", { name: /Note/ }).first().click();
  await page.locator("#note-text").fill("leans against the wall");
  const box = await page.getByRole("button", { name: "Log the note" }).boundingBox();
  const at = [box.x + box.width / 2, box.y + box.height / 2];
  await page.evaluate(([x, y]) => {
    const beneath = document.querySelector(".dj-offs > li:not([hidden]) button");
    Object.assign(beneath.style, {
      position: "fixed",
      left: `${x - 20}px`,
      top: `${y - 20}px`,
      zIndex: 30,
    });
  }, at);
  await page.mouse.click(...at);
  await page.locator("#note-text").waitFor({ state: "hidden" });
  await page.mouse.down({ clickCount: 2 });
  await page.mouse.up({ clickCount: 2 });
  await expect(page.locator("#waiting [role=status]")).toContainText("1 kept on this device");
  await page.waitForTimeout(700);
  await expect(page.locator("#waiting [role=status]")).toContainText("1 kept on this device");
  await expect(page.locator(".dj-tray")).toContainText("Empty");
});

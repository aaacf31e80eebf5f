import { expect, openJob, signIn, test } from "./bench.js";

test("tapping readings moves the hand and fills the form", async ({ page }) => {
  await signIn(page);
  const job = await openJob(page);
  await page.goto(`${job}/bench-test`);
  const hand = page.locator("[data-pointer]");
  const rest = await hand.getAttribute("transform");
  await page.getByLabel("Gauge reading now").fill("5.0");
  await page.keyboard.press("Enter");
  await expect(page.locator("[data-reading]")).toHaveText("5.00");
  expect(await hand.getAttribute("transform")).toBe("rotate(0 120 120)");
  expect(await hand.getAttribute("transform")).not.toBe(rest);
  await page.waitForTimeout(250);
  await page.getByLabel("Gauge reading now").fill("4,5");
  await page.getByRole("button", { name: /^Log/ }).click();
  await expect(page.locator("[data-lost]")).toHaveText("0.50");
  await expect(page.locator("[data-count-readings]")).toHaveText("2");
  const typed = await page.locator("#readings").inputValue();
  expect(typed.split("\n")[0]).toBe("0.0 5");
  expect(typed.split("\n")[1]).toMatch(/^\d\.\d 4\.5$/);
});

test("what is no number is not logged", async ({ page }) => {
  await signIn(page);
  const job = await openJob(page);
  await page.goto(`${job}/bench-test`);
  await page.getByLabel("Gauge reading now").fill("five");
  await page.keyboard.press("Enter");
  await expect(page.locator("[data-count-readings]")).toHaveText("0");
  await expect(page.getByLabel("Gauge reading now")).toHaveValue("five");
});

test("a refused run keeps its readings in the form", async ({ page }) => {
  await signIn(page);
  const job = await openJob(page);
  await page.goto(`${job}/bench-test`);
  await page.locator("summary", { hasText: "Readings" }).click();
  await page.locator("#readings").fill("0 5.0\n10 4.9\n5 4.8\n20 4.7");
  await page.getByRole("button", { name: "Judge these readings" }).click();
  await expect(page.getByRole("alert")).toContainText("Line 3: time goes back");
  await expect(page.locator("#readings")).toHaveValue("0 5.0\n10 4.9\n5 4.8\n20 4.7");
  await page.locator("#readings").fill("0 5.0\n10 5.0\n60 5.0\n120 5.0\n180 5.0");
  await page.getByRole("button", { name: "Judge these readings" }).click();
  await expect(page.getByRole("status").filter({ hasText: "Holds" })).toBeVisible();
  await expect(page.locator("#readings")).toHaveValue("");
});

test("a vacuum is judged on its own gauge", async ({ page }) => {
  await signIn(page);
  const job = await openJob(page);
  await page.goto(`${job}/bench-test`);
  await page.locator("summary", { hasText: "Rig" }).click();
  await page.locator("#method").selectOption("vacuum");
  await page.locator("#unit").selectOption("inhg");
  await page.locator("summary", { hasText: "Readings" }).click();
  await page.locator("#readings").fill("0 15.0\n30 15.0\n60 15.0\n120 15.0\n180 15.0");
  await page.getByRole("button", { name: "Judge these readings" }).click();
  await expect(page.getByRole("status").filter({ hasText: "Holds" })).toBeVisible();
  await expect(page.locator(".dj-facts")).toContainText("it can hide weak closing");
  await expect(page.getByRole("img", { name: /Vacuum gauge/ })).toBeVisible();
});

test("the whole job prints as a report and as a PDF", async ({ page }) => {
  await signIn(page);
  const job = await openJob(page, { machine: "Osier report pump" });
  await page.goto(`${job}/report`);
  await page.emulateMedia({ media: "print" });
  await expect(page.locator(".dj-frame")).toBeHidden();
  await expect(page.getByRole("heading", { name: "Osier report pump" })).toBeVisible();
  const pdf = await page.request.get(`${job}/report.pdf`);
  expect(pdf.headers()["content-type"]).toBe("application/pdf");
  expect((await pdf.body()).subarray(0, 5).toString()).toBe("%PDF-");
});

test("many requests at once leave a log without gaps", async ({ page }) => {
  await signIn(page);
  const job = await openJob(page);
  const token = await page.locator("meta[name=csrf-token]").getAttribute("content");
  const ids = Array.from({ length: 8 }, () => crypto.randomUUID());
  const send = (id) =>
    page.request.post(`${job}/entries/note_added`, {
      form: { _token: token, client_id: id, seen: "1", at: "set", text: `note ${id}` },
      maxRedirects: 0,
    });
  await Promise.all([...ids, ...ids].map(send));
  const file = await (await page.request.get(`${job}/file`)).json();
  expect(file.entries.map((entry) => entry.seq)).toEqual([1, 2, 3, 4, 5, 6, 7, 8, 9]);
  expect(new Set(file.entries.map((entry) => entry.id)).size).toBe(9);
});

test("what is sealed is chosen on the drawing, kept with the test, and dry stands beside wet", async ({
  page,
}) => {
  await signIn(page);
  const job = await openJob(page, { machine: `Saw ${Date.now()}`, family: "cube_opposed" });
  await page.goto(`${job}/bench-test`);
  const judge = async (readings) => {
    await page.locator("summary", { hasText: "Readings" }).click();
    await page.locator("#readings").fill(readings);
    await page.getByRole("button", { name: "Judge these readings" }).click();
  };
  await judge("0 7.0\n10 6.6\n20 6.2\n30 5.8\n40 5.5\n50 5.2\n60 4.9");
  await expect(page.locator(".dj-verdict")).toContainText("leak");
  await page.locator(".callout[data-part=pulse]").focus();
  await page.keyboard.press("Enter");
  await page.getByRole("button", { name: "Close it off" }).click();
  await expect(page.locator(".callout[data-part=pulse] .plug")).toBeVisible();
  await page.getByLabel("Needle wetted with a drop of fuel").check();
  await judge("0 7.0\n10 7.0\n20 7.0\n30 7.0\n40 7.0\n50 7.0\n60 6.99");
  await expect(page.locator(".dj-pair")).toContainText("It was only dry: wetted, it holds.");
  await expect(page.locator(".callout[data-part=pulse] .plug")).toBeVisible();
  await page.goto(`${job}/log`);
  await expect(page.getByText("wetted, upright, pulse port plugged").first()).toBeVisible();
});

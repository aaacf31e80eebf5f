import { broken, expect, openJob, signIn, test } from "./bench.js";

// A gray picture of 4 by 3 pixels.
const PICTURE = {
  name: "bench.png",
  mimeType: "image/png",
  buffer: Buffer.from(
    "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==",
    "base64",
  ),
};

const latest = (page) => page.locator(".dj-ribbon li.now");

test("a photo is kept in one tap, and pinned where it is tapped", async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await signIn(page);
  const job = await openJob(page);
  await page.goto(`${job}/strip`);
  await page.setInputFiles("#camera", PICTURE);
  await expect(latest(page)).toContainText("Photo");
  await page.locator("#photos summary").first().click();
  const board = page.locator("[data-pinboard]");
  await board.scrollIntoViewIfNeeded();
  const box = await board.boundingBox();
  await board.click({ position: { x: 0.25 * box.width, y: 0.5 * box.height } });
  await expect(page.locator(".dj-pinform [name=text]").first()).toBeFocused();
  await page.keyboard.type("Governor spring, outer hole");
  await page.keyboard.press("Enter");
  await expect(page.locator("figure li", { hasText: "outer hole" })).toBeVisible();
  const file = await page.request.get(`/jobs/${job.split("/").pop()}/file`);
  const pin = (await file.json()).entries.find((entry) => entry.kind === "photo_pinned").payload;
  expect(pin.across).toBeCloseTo(0.25, 1);
  expect(pin.down).toBeCloseTo(0.5, 1);
});

test("a fact of the record is noted under its name, and stands in the report", async ({ page }) => {
  await signIn(page);
  const job = await openJob(page);
  await page.goto(`${job}/clean`);
  await page.keyboard.press("l");
  await expect(page.locator("#fact optgroup").first()).toHaveAttribute("label", "At this station");
  await page.locator("#fact").selectOption({ label: "Needle tip, material" });
  await expect(page.locator("#fact-text")).toHaveAttribute("placeholder", "rubber");
  await page.locator("#fact-text").fill("steel, no ring");
  await page.getByRole("button", { name: "Note it" }).click();
  await expect(latest(page)).toContainText("Needle tip, material: steel, no ring");
  await page.keyboard.press("l");
  expect(await broken(page, "light", "#note")).toEqual([]);
  await page.goto(`${job}/report`);
  await expect(page.getByRole("row", { name: /Needle tip, material/ })).toContainText(
    "steel, no ring",
  );
});

test("a refusal stands beside its key, tied to the field; Enter logs a count and the field stays in hand", async ({
  page,
}) => {
  await signIn(page);
  const job = await openJob(page);
  await page.goto(`${job}/as-found`);
  const field = page.locator("#turns");
  await field.fill("99");
  await field.press("Enter");
  const refusal = page.locator("#errors .dj-errors");
  await expect(refusal).toContainText("more than a screw has");
  const [said, key] = [
    await refusal.boundingBox(),
    await page.getByRole("button", { name: "Counted in, log" }).boundingBox(),
  ];
  expect(Math.abs(said.y - (key.y + key.height))).toBeLessThan(20);
  await expect(field).toBeFocused();
  await expect(field).toHaveAttribute("aria-errormessage", "errors");
  await field.fill("1 1/2");
  await field.press("Enter");
  await expect(latest(page)).toContainText("as found: 1 1/2");
  await expect(field).not.toHaveAttribute("aria-invalid", "true");
});

test("a mixture is set by ear: no speed is asked for, and the run says where to go", async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await signIn(page);
  const job = await openJob(page);
  await page.goto(`${job}/run`);
  // The field and its key are in the first screen.
  const field = await page.locator("#rpm").boundingBox();
  expect(field.y + field.height).toBeLessThan(844 - 72);
  for (const [turns, heard] of [
    ["1 1/2", "Clean"],
    ["2 1/4", "Rough rich"],
    ["1/2", "Rough lean"],
  ]) {
    await page.locator("#read-turns").fill(turns);
    await page.locator(".dj-heard").getByRole("button", { name: heard, exact: true }).click();
    await expect(latest(page)).toContainText(`${heard.toLowerCase()}, by ear`);
  }
  await expect(page.locator(".mix-h .why")).toContainText("Half-way between smooth and rough");
  await expect(page.locator(".mixrun.is-narrow .ear")).toHaveCount(3);
});

test("a report is shared by a link that can be taken back, and its code hangs on the machine", async ({
  page,
  browser,
  baseURL,
}) => {
  await signIn(page);
  const job = await openJob(page);
  await page.goto(`${job}/report`);
  await page.getByRole("button", { name: "Make a link" }).click();
  const address = await page.locator(".dj-share a").first().getAttribute("href");
  expect(await broken(page, "light", ".dj-share")).toEqual([]);
  await page.getByRole("link", { name: "Tag with a code" }).click();
  await expect(page.locator("svg[data-qr] path")).toHaveAttribute("d", /^M4 4h1v1h-1z/);
  expect(await broken(page, "light")).toEqual([]);
  const stranger = await browser.newContext({ baseURL });
  const answer = await stranger.request.get(new URL(address).pathname);
  expect([answer.status(), answer.headers()["content-type"]]).toEqual([200, "application/pdf"]);
  await page.goto(`${job}/report`);
  await page.getByRole("button", { name: "Take the link back" }).click();
  await expect(page.getByRole("button", { name: "Make a link" })).toBeVisible();
  expect((await stranger.request.get(new URL(address).pathname)).status()).toBe(404);
  await stranger.close();
});

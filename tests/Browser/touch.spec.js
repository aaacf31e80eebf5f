import { expect, openJob, PAGES, signIn, test } from "./bench.js";

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

const brass = (page) => page.locator("[data-next]");
const settled = (page, text) => expect(page.locator(".dj-next .do")).toContainText(text);

test("a whole job with one thumb on a phone", async ({ page }) => {
  await signIn(page);
  await openJob(page, "Tilby thumb mower");
  await settled(page, "Count the idle mixture screw");
  for (let i = 0; i < 3; i++) {
    await page.getByRole("button", { name: /Half turn/ }).tap();
  }
  await page.getByRole("button", { name: /out 1\/4/ }).tap();
  await page.getByRole("button", { name: /out 1\/4/ }).tap();
  await page.getByRole("button", { name: "Undo" }).tap();
  await expect(page.locator("#turns")).toHaveValue("1 3/4");
  await brass(page).tap();
  await settled(page, "Count the idle speed screw");
  await page.getByRole("button", { name: /Half turn/ }).tap();
  await brass(page).tap();
  await settled(page, "Close the tap");
  await brass(page).tap();
  await page.waitForURL(/strip/);
  for (let i = 1; i <= 11; i++) {
    await brass(page).tap();
    await expect(page.getByText(`${i} of 11 done`)).toBeVisible();
  }
  await brass(page).tap();
  await page.waitForURL(/bench-test/);

  // A file, as a gauge with a memory card gives it.
  const csv = `t_s;psi\r\n${Array.from({ length: 61 }, (_, i) => `${i};${(5 - 0.018 * i).toFixed(2).replace(".", ",")}`).join("\r\n")}`;
  await page.locator("summary", { hasText: "Readings" }).tap();
  await page.setInputFiles("#file", {
    name: "run.csv",
    mimeType: "text/csv",
    buffer: Buffer.from(csv),
  });
  await brass(page).tap();
  await expect(page.getByText("Slow leak")).toBeVisible();
  await settled(page, "Wet the needle");
  await page.locator("summary", { hasText: "Readings" }).tap();
  await page.locator("#readings").fill("0 5.0\n20 5.0\n40 5.0\n60 5.0\n120 5.0\n180 5.0");
  await page.getByRole("button", { name: "Judge these readings" }).tap();
  await settled(page, "Set rubber tip");
  for (const [station, count] of [
    ["clean", 9],
    ["build", 8],
  ]) {
    await brass(page).tap();
    await page.waitForURL(new RegExp(station));
    for (let i = 1; i <= count; i++) {
      await brass(page).tap();
      await expect(page.getByText(`${i} of ${count} done`)).toBeVisible();
    }
  }
  await settled(page, "Check again: needle hold");
  await brass(page).tap();
  await page.waitForURL(/bench-test/);
  await page.locator("summary", { hasText: "Readings" }).tap();
  await page.locator("#readings").fill("0 5.0\n20 5.0\n40 5.0\n60 5.0\n120 5.0\n180 5.0");
  await brass(page).tap();
  await settled(page, "Set the idle mixture screw");
  await brass(page).tap();
  await page.waitForURL(/set/);
  await brass(page).tap();
  await settled(page, "Set the idle speed screw");
  await brass(page).tap();
  await settled(page, "Warm it up");
  await brass(page).tap();
  await page.waitForURL(/run/);
  for (const [turns, rpm] of [
    ["1 1/4", 1690],
    ["1 1/2", 1770],
    ["1 3/4", 1800],
    ["2", 1760],
  ]) {
    await page.locator("#read-turns").fill(turns);
    await page.locator("#rpm").fill(String(rpm));
    await brass(page).tap();
    await expect(page.locator(".rpm output")).toHaveText(rpm.toLocaleString("en-US"));
  }
  await settled(page, "Leave the idle mixture screw");
  await brass(page).tap();
  await settled(page, "Set the idle speed");
  await page.getByRole("link", { name: /Idle speed/ }).tap();
  await page.waitForURL(/screw=idle_speed/);
  await brass(page).tap();
  await settled(page, "Air filter");
  await brass(page).tap();
  await page.waitForURL(/hand-back/);
  for (let i = 0; i < 6; i++) {
    await brass(page).tap();
    await expect(page.locator(".is-passed")).toHaveCount(i + 1);
  }
  await settled(page, "Hand it back");
  await brass(page).tap();
  await expect(page.getByRole("heading", { name: "Done" })).toBeVisible();
});

test("nothing scrolls sideways on a phone, and targets are large enough for a thumb", async ({
  page,
}) => {
  await signIn(page);
  const job = await openJob(page);
  for (const path of [
    "/",
    "/jobs/create",
    "/library?a=1",
    "/library/float_side_pump",
    ...PAGES.map((s) => `${job}/${s}`),
  ]) {
    await page.goto(path);
    expect(
      await page.evaluate(() => document.documentElement.scrollWidth),
      path,
    ).toBeLessThanOrEqual(390);
    // Fittings are 43 wide by design and the drawing's numbers are chips as well; everything else is 44 and more.
    const small = await page.evaluate(() =>
      [
        ...document.querySelectorAll(
          "button, a, input:not([type=hidden]):not([type=checkbox]):not([type=radio]), select, summary",
        ),
      ]
        .filter((e) => e.checkVisibility() && !e.closest(".dj-line, .dj-skip"))
        .map((e) => ({
          text: e.textContent.trim().slice(0, 30) || e.id,
          box: e.getBoundingClientRect(),
        }))
        .filter(({ box }) => box.width > 0 && (box.height < 43.5 || box.width < 43.5))
        .map(({ text, box }) => `${text} ${Math.round(box.width)}x${Math.round(box.height)}`),
    );
    expect(small, path).toEqual([]);
  }
});

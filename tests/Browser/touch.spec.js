import { buildAll, expect, lookAtAll, openJob, PAGES, signIn, stripAll, test } from "./bench.js";

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

const brass = (page) => page.locator("[data-next]");
const settled = (page, text) => expect(page.locator(".dj-next .do")).toContainText(text);

test("a whole job on a cube diaphragm with one thumb on a phone", async ({ page }) => {
  await signIn(page);
  await openJob(page, { machine: "Korvo thumb saw", family: "cube_opposed" });
  await settled(page, "Count the H needle");
  for (let i = 0; i < 3; i++) {
    await page.getByRole("button", { name: /Half turn/ }).tap();
  }
  await page.getByRole("button", { name: /out 1\/4/ }).tap();
  await page.getByRole("button", { name: /out 1\/4/ }).tap();
  await page.getByRole("button", { name: "Undo" }).tap();
  await expect(page.locator("#turns")).toHaveValue("1 3/4");
  await brass(page).tap();
  await settled(page, "Count the L needle");
  await page.getByRole("button", { name: /Half turn/ }).tap();
  await brass(page).tap();
  await settled(page, "Count the idle speed screw");
  await page.getByRole("button", { name: /Half turn/ }).tap();
  await brass(page).tap();
  await settled(page, "Take off: air filter");
  await brass(page).tap();
  await page.waitForURL(/strip/);

  // A part from the list, one from the drawing, the rest as proposed; one is not there.
  await page
    .getByRole("button", { name: /Fuel hose/ })
    .first()
    .tap();
  await expect(page.locator(".dj-tray li")).toHaveText([/Fuel hose/]);
  await page.locator("summary", { hasText: "Not as expected" }).tap();
  await page.getByLabel("Not there").selectOption("needle_o_rings");
  await page.getByLabel("What you saw instead").fill("never fitted");
  await page.getByRole("button", { name: "Log it missing" }).tap();
  await expect(page.getByText("Not there: Needle O-rings: never fitted")).toBeVisible();
  await stripAll(page, () => brass(page).tap());
  await brass(page).tap();
  await page.waitForURL(/clean/);
  await page.getByLabel("What you saw").fill("crinkles");
  await page.getByRole("button", { name: /New part/ }).tap();
  await settled(page, "Vent hole");
  await page.locator("summary", { hasText: "Start a clock" }).tap();
  await page.getByRole("button", { name: "Start the clock: Soak" }).tap();
  await expect(page.getByRole("timer")).toContainText(/^(30:00|29:5\d)$/);
  await page.getByRole("button", { name: "Soak: end the clock" }).tap();
  await expect(page.getByRole("timer")).toHaveCount(0);
  await lookAtAll(page, () => brass(page).tap());
  await brass(page).tap();
  await page.waitForURL(/build/);
  await buildAll(page, () => brass(page).tap());
  // Nothing closes over what was never found.
  await settled(page, "Fit one and account for it: needle O-rings");
  await page.getByLabel(/Needle O-rings\.\s+Never found/).fill("new ones fitted");
  await page.getByRole("button", { name: "Account for it" }).tap();
  await expect(brass(page)).toContainText("Fitted");
  await buildAll(page, () => brass(page).tap());
  await expect(page.getByText("The tray is empty")).toBeVisible();
  await settled(page, "Wet it, pump the fuel inlet");
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
  await expect(page.locator(".dj-verdict")).toContainText("Slow leak");
  await settled(page, "Wet the needle");
  await page.locator("summary", { hasText: "Readings" }).tap();
  await page.locator("#readings").fill("0 5.0\n20 5.0\n40 5.0\n60 5.0\n120 5.0\n180 5.0");
  await brass(page).tap();
  await settled(page, "Set the H needle");
  await brass(page).tap();
  await page.waitForURL(/set/);
  for (const move of ["Set the H needle", "Set the L needle"]) {
    await settled(page, move);
    await brass(page).tap();
  }
  await settled(page, "Warm it up");
  await brass(page).tap();
  await page.waitForURL(/run/);
  for (const [screw, readings] of [
    ["H needle", { "3/4": 11800, "7/8": 12300, "1 ": 12500, "1 1/8": 12280, "1 1/4": 11790 }],
    ["L needle", { "3/4": 2600, "7/8": 2800, "1 ": 2900, "1 1/8": 2790, "1 1/4": 2590 }],
  ]) {
    if (!(await page.locator("#read-turns").isVisible())) {
      await brass(page).tap();
    }
    for (const [turns, rpm] of Object.entries(readings)) {
      await page.locator("#read-turns").fill(turns);
      await page.locator("#rpm").fill(String(rpm));
      await page.locator("#read-form").getByRole("button", { name: /^Log/ }).tap();
      await expect(page.locator(".rpm output")).toHaveText(rpm.toLocaleString("en-US"));
    }
    await settled(page, `Leave the ${screw}`);
    await brass(page).tap();
    await page.waitForURL(/run/);
    if (await page.locator(".dj-next .do", { hasText: `Leave the ${screw}` }).isVisible()) {
      await brass(page).tap();
    }
    await expect(page.locator(".dj-next .do")).not.toContainText(`Leave the ${screw}`);
    if (screw === "H needle") {
      await page.getByRole("link", { name: /^L/ }).tap();
      await page.waitForURL(/screw=low/);
    }
  }
  await settled(page, "Set the idle speed");
  // Its tab opens by itself when the last mixture screw is left.
  await expect(page.locator("#idle-rpm")).toBeVisible();
  await page.locator("#idle-rpm").fill("2800");
  await page.getByRole("button", { name: "Smooth", exact: true }).tap();
  await settled(page, "Air filter");
  await brass(page).tap();
  await page.waitForURL(/hand-back/);
  for (let i = 0; i < 9; i++) {
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
        .filter((e) => e.checkVisibility() && !e.closest(".dj-line, .dj-skip, .visually-hidden"))
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

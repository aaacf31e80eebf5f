// Strip, clean and build where two devices or a drawing come into it.
import { expect, openJob, PAGES, signIn, test } from "./bench.js";

const press = async (page, name, says) => {
  await page.getByRole("button", { name }).first().click();
  await expect(page.locator(".bay-work .cnt").first()).toContainText(says);
};

test("an assembly stopped half-way goes on in a second browser, exactly", async ({
  page,
  browser,
  baseURL,
}) => {
  await signIn(page);
  const job = await openJob(page, { family: "pulse_pump", machine: "Harrowgate splitter" });
  await page.goto(`${job}/strip`);
  for (const [part, off] of [
    ["Hose from the tank", 1],
    ["Hose to the carburetor", 2],
    ["Pulse hose", 3],
    ["Mounting bolts", 4],
    ["Pump", 5],
    ["Cover screws", 6],
    ["Vented cover", 7],
    ["Pulse diaphragm", 8],
  ]) {
    await press(page, new RegExp(`^${part}`), `${off} of 12 off`);
  }
  await page.locator("summary", { hasText: "far enough" }).click();
  await page.getByRole("button", { name: "Far enough" }).click();
  await expect(page.getByText("this is as far as it comes apart")).toBeVisible();
  await page.goto(`${job}/build`);
  await press(page, "Fitted: Pulse diaphragm", "1 of 8 back");
  await expect(page.locator(".dj-on.is-next .dj-guard")).toContainText("mark to mark, vent open");
  await press(page, "Fitted: Vented cover", "2 of 8 back");

  const other = await (await browser.newContext({ baseURL })).newPage();
  await signIn(other, "June Halloran");
  await other.goto(`${job}/build`);
  const bay = (each) => each.locator(".dj-buildbay").innerText();
  expect(await bay(other)).toBe(await bay(page));
  await expect(other.locator(".dj-on.is-next b")).toHaveText("Cover screws, 4");

  // Fitting it says that its guard was looked at; the first browser hears of it when it presses the same.
  await expect(other.locator(".dj-on.is-next .dj-guard")).toContainText(/crosswise/i);
  await press(other, "Fitted: Cover screws", "3 of 8 back");
  await page.getByRole("button", { name: "Fitted: Cover screws" }).click();
  await expect(page.getByRole("alert")).toContainText("that is logged already");
  await page.reload();
  expect(await bay(page)).toBe(await bay(other));
});

test("a part taken off on the drawing lies in the next cell, and Undo takes it back", async ({
  page,
}) => {
  await signIn(page);
  const job = await openJob(page, { family: "float_fixed_jet" });
  await page.goto(`${job}/strip`);
  await page.locator(".callout[data-part=choke]").click();
  await page.getByRole("button", { name: "Off: air cleaner", exact: true }).click();
  await expect(page.locator(".dj-tray li")).toHaveText([/Air cleaner/]);
  await expect(page.locator("#cutaway .is-out")).toHaveCount(0);
  await page.getByRole("button", { name: /Undo: Air cleaner/ }).click();
  await expect(page.locator(".dj-tray")).toContainText("Empty");
});

test("every number on every drawing points at its part", async ({ page }) => {
  await signIn(page);
  await page.goto("/library");
  const families = await page.$$eval(".dj-families a", (all) => all.map((a) => a.href));
  expect(families).toHaveLength(13);
  for (const href of families) {
    await page.goto(href);
    const astray = await page.evaluate(() =>
      [...document.querySelectorAll("#cutaway .callout")]
        .map((callout) => {
          const dot = callout.querySelector(".dot").getBoundingClientRect();
          const x = dot.x + dot.width / 2;
          const y = dot.y + dot.height / 2;
          const name = callout.dataset.part;
          const boxes = [
            ...document.querySelectorAll(`#cutaway [data-part="${name}"]:not(.callout)`),
          ];
          const near = boxes.some((part) => {
            const box = part.getBoundingClientRect();
            const most = 7;
            return (
              x > box.left - most &&
              x < box.right + most &&
              y > box.top - most &&
              y < box.bottom + most
            );
          });
          return near ? null : `${name}: ${boxes.length ? "beside it" : "not drawn"}`;
        })
        .filter(Boolean),
    );
    expect(astray, href).toEqual([]);
  }
});

test("pages stay small over the wire", async ({ page }) => {
  await signIn(page);
  const job = await openJob(page, { family: "float_side_pump" });
  for (const path of [...PAGES.map((s) => `${job}/${s}`), "/", "/library/float_side_pump"]) {
    const body = await (await page.request.get(path)).body();
    expect(body.length, path).toBeLessThan(150_000);
  }
});

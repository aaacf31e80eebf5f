import { expect, signInAtTheDoor as signIn, test } from "./bench.js";

test("twelve jobs are in view at 1280 by 800, each a target of 44 px", async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  await signIn(page);
  const token = await page.locator("meta[name=csrf-token]").getAttribute("content");
  for (let i = (await page.locator(".dj-job").count()) + 1; i < 13; i++) {
    await page.request.post("/jobs", {
      form: {
        _token: token,
        client_id: crypto.randomUUID(),
        machine: `Tilby 46 mower, ${i}`,
        engine: "160 cc four-stroke",
        complaint: "floods",
        family: "float_pilot_jet",
        variant: "removable_pilot",
        idle_sense: "fuel",
      },
    });
  }
  await page.goto("/");
  const boxes = await page.locator(".dj-hero, .dj-job").evaluateAll((rows) =>
    rows.map((row) => {
      const { top, bottom } = row.getBoundingClientRect();
      return { top, bottom, height: bottom - top };
    }),
  );
  const list = await page.locator(".bay-hands").boundingBox();
  const seen = boxes.filter((box) => box.top >= 0 && box.bottom <= list.y + list.height + 0.5);
  expect(seen.length).toBeGreaterThanOrEqual(12);
  expect(Math.min(...boxes.map((box) => box.height))).toBeGreaterThanOrEqual(44);
});

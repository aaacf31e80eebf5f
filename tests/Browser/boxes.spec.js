import { expect, PAGES as STATIONS, signIn, test } from "./bench.js";
import { misplaced } from "./boxes.js";

const PHONE = { width: 390, height: 844 };
const BENCH = { width: 1280, height: 800 };
const TABLET = { width: 768, height: 1024 };
const WALL = { width: 1920, height: 1080 };

// Colors move nothing: the dark is measured where a technician has it, on a phone and at the bench. In the order in which
// least is laid out anew.
const LAYOUTS = [
  [PHONE, "light"],
  [PHONE, "dark"],
  [BENCH, "dark"],
  [BENCH, "light"],
  [TABLET, "light"],
  [WALL, "light"],
];
const PAGES = [
  "/",
  "/jobs/create",
  "/jobs/create?family=cube_opposed",
  "/library",
  "/library/float_pilot_jet",
  "/library/outboard_bank",
  "/people",
  "/people/events",
  "/instruments",
  "/me",
];

// What else a job has: its papers, and the other faces of a station.
const BESIDE = [
  "log",
  "report",
  "tag",
  "intake?look=say",
  "run?screw=start",
  "run?screw=all",
  "run?screw=governed",
  "run?screw=idle",
];

// The page is laid out anew at each width; nothing of it is asked for again.
const measure = async (page, path) => {
  const found = [];
  await page.setViewportSize(PHONE);
  await page.goto(path);
  await page.evaluate(() => document.fonts.ready);
  for (const [size, theme] of LAYOUTS) {
    await page.setViewportSize(size);
    await page.evaluate((name) => (document.documentElement.dataset.bsTheme = name), theme);
    found.push(
      ...(await misplaced(page)).map((said) => `${size.width} px, ${theme}, ${path}: ${said}`),
    );
  }
  return found;
};

// What lies before the drawing on a phone, in screens.
const screensToDrawing = async (page) => {
  await page.setViewportSize(PHONE);
  const drawing = page.locator("svg.cut").first();
  return (await drawing.count()) === 0 ? 0 : (await drawing.boundingBox()).y / PHONE.height;
};

const jobOf = async (page, machine) => {
  await page.goto("/");
  const href = await page
    .locator('a[href*="/jobs/"]', { hasText: machine })
    .first()
    .getAttribute("href");
  return new URL(href, "http://x").pathname.split("/").slice(0, 3).join("/");
};

test("no text of a page is cut off or printed over another, at four widths", async ({ page }) => {
  expect(await measure(page, "/sign-in")).toEqual([]);
  await signIn(page);
  for (const path of PAGES) {
    expect(await measure(page, path)).toEqual([]);
  }
});

for (const machine of ["Korvo 52", "Osier 3 kW", "Harrowgate 20", "Marlin & Pike 60"]) {
  test(`no text of a station is cut off or printed over another, at four widths: ${machine}`, async ({
    page,
  }) => {
    await signIn(page);
    const job = await jobOf(page, machine);
    for (const station of [...STATIONS, ...BESIDE]) {
      expect(await measure(page, `${job}/${station}`)).toEqual([]);
      expect(await screensToDrawing(page), station).toBeLessThanOrEqual(2);
    }
  });
}

test("what is cut off or printed over another is found", async ({ page }) => {
  await signIn(page);
  await page.goto("/library");
  await page.evaluate(() => {
    const box = document.createElement("div");
    box.innerHTML = "<p id=a>A sentence of some length</p><p id=b>Another sentence</p>";
    Object.assign(box.style, {
      position: "fixed",
      top: "0",
      left: "0",
      width: "60px",
      overflow: "hidden",
      whiteSpace: "nowrap",
    });
    document.body.append(box);
    Object.assign(document.getElementById("b").style, {
      position: "absolute",
      top: "0",
      left: "0",
    });
  });
  const found = await misplaced(page);
  expect(found).toContain("cut off: A sentence of some length");
  expect(found.some((said) => said.includes("A sentence of some length / Another sentence"))).toBe(
    true,
  );
});

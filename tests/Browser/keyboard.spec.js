import { buildAll, expect, lookAtAll, signInAtTheDoor as signIn, stripAll, test } from "./bench.js";

// Types into a field reached by Tab alone; nothing in this file touches the mouse.
const tabTo = async (page, target, most = 90) => {
  for (let i = 0; i < most; i++) {
    if (await target.evaluate((element) => element === document.activeElement)) {
      return;
    }
    await page.keyboard.press("Tab");
  }
  throw new Error(`Tab never reached ${target}`);
};

const settled = (page, text) => expect(page.locator(".dj-next .do")).toContainText(text);

test("a whole job on a pump-side twin by keyboard alone", async ({ page }) => {
  await page.goto("/sign-in");
  await tabTo(page, page.getByRole("button", { name: /R\. Okafor/ }));
  await page.keyboard.press("Enter");
  await page.waitForURL("**/");
  await page.keyboard.press("i");
  await page.waitForURL(/create/);
  await tabTo(page, page.getByRole("link", { name: /diaphragm pump on its side/ }));
  await page.keyboard.press("Enter");
  await page.waitForURL(/family=float_side_pump/);
  await tabTo(page, page.getByLabel("In the customer's words"));
  await page.keyboard.type("Sputters since spring");
  await tabTo(page, page.getByLabel("Machine", { exact: true }));
  await page.keyboard.type("Tilby keyboard tractor");
  await tabTo(page, page.getByLabel("Engine", { exact: true }));
  await page.keyboard.type("18 hp four-stroke twin");
  await page.keyboard.press("Enter");
  await page.waitForURL(/as-found/);

  // As found: half turns by Space, then an eighth by arrow on the dial, logged by N.
  await settled(page, "Count the mixture screw");
  await page.keyboard.press("Space");
  await page.keyboard.press("Space");
  await page.keyboard.press("Space");
  await tabTo(page, page.getByRole("slider"));
  await page.keyboard.press("Shift+ArrowUp");
  await expect(page.getByRole("slider")).toHaveAttribute("aria-valuetext", "1 3/4 turns out");
  await page.keyboard.press("n");
  await settled(page, "Count the idle speed screw");
  await tabTo(page, page.getByRole("slider"));
  await page.keyboard.press("PageUp");
  await page.keyboard.press("n");
  await settled(page, "Take off: air cleaner cover");

  // Strip: each part by N, into its cell; the last by its own number key and back by U.
  await page.keyboard.press("n");
  await page.waitForURL(/strip/);
  await page.keyboard.press("1");
  await expect(page.locator(".dj-tray li")).toHaveText([/Air cleaner cover/]);
  await page.keyboard.press("u");
  await expect(page.locator(".dj-tray")).toContainText("Empty");
  await stripAll(page, () => page.keyboard.press("n"));
  await expect(page.locator(".bay-work .cnt").first()).toContainText("springs 4 of 4");

  // Nothing holds while the needle lies on the tray: the parts come first.
  await page.keyboard.press("n");
  await page.waitForURL(/clean/);
  await lookAtAll(page, () => page.keyboard.press("n"));
  await page.keyboard.press("n");
  await page.waitForURL(/build/);

  // Build: one key fits up to the next guard, which it names, and the pump is stacked on its plate.
  await expect(page.locator(".dj-on.is-next .dj-guard")).toHaveCount(1);
  const looks = await page.locator(".dj-on.is-next .dj-guard").textContent();
  await expect(page.locator(".dj-next .why")).toContainText(
    looks.trim().slice("Look: ".length + 1),
  );
  await buildAll(page, () => page.keyboard.press("n"));
  await expect(page.getByText("The tray is empty")).toBeVisible();

  // Whole again: the hold test comes first, tapped against the clock, then typed as lines.
  await settled(page, "Invert the body");
  await page.keyboard.press("n");
  await page.waitForURL(/bench-test/);
  await page.keyboard.press("n");
  await expect(page.getByLabel("Gauge reading now")).toBeFocused();
  for (let i = 0; i < 4; i++) {
    await page.keyboard.type("5.0");
    await page.keyboard.press("Enter");
    await page.waitForTimeout(300);
  }
  await expect(page.locator("[data-count-readings]")).toHaveText("4");
  await tabTo(page, page.locator("summary", { hasText: "Readings" }));
  await page.keyboard.press("Enter");
  await tabTo(page, page.getByLabel(/One reading a line/));
  await page.keyboard.press("Control+a");
  await page.keyboard.type("0 5.0\n20 5.0\n40 5.0\n60 5.0\n90 5.0\n120 5.0\n180 5.0");
  await tabTo(page, page.getByRole("button", { name: "Judge these readings" }));
  await page.keyboard.press("Enter");
  await settled(page, "Set the mixture screw");

  await page.keyboard.press("n");
  await page.waitForURL(/set/);
  await expect(page.locator(".dj-next .why")).toContainText(
    "Turn the idle speed screw in until it touches",
  );
  await page.keyboard.press("n");
  await settled(page, "Warm it up");

  // Run: rpm typed at each setting the sheet proposes, until it says to leave the screw.
  await page.keyboard.press("n");
  await page.waitForURL(/run/);
  const speeds = {
    "1 1/4": 1690,
    "1 1/2": 1770,
    "1 3/4": 1800,
    2: 1760,
    "2 1/4": 1690,
    "1 5/8": 1790,
    "1 7/8": 1785,
  };
  for (let i = 0; i < 12; i++) {
    const move = (await page.locator(".dj-next .do").textContent()) ?? "";
    if (move.startsWith("Leave the mixture")) {
      break;
    }
    const turns = await page.locator("#read-turns").inputValue();
    if (!(await page.locator("#rpm").evaluate((field) => field === document.activeElement))) {
      await page.keyboard.press("r");
    }
    await page.keyboard.type(String(speeds[turns] ?? 1600));
    await page.keyboard.press("Enter");
    await expect(page.locator(".steady")).toContainText(`reading ${i + 1}`);
  }
  await settled(page, "Leave the mixture screw");
  await page.keyboard.press("Escape");
  await page.keyboard.press("n");
  await settled(page, "Set the idle speed");
  await expect(page.locator("#idle-rpm")).toBeVisible();
  // The empty field is asked for before anything is logged.
  await page.keyboard.press("n");
  await expect(page.locator("#idle-rpm")).toBeFocused();
  await page.keyboard.type("1760");
  await page.keyboard.press("Enter");
  await settled(page, "Air filter");

  await page.keyboard.press("Escape");
  await page.keyboard.press("n");
  await page.waitForURL(/hand-back/);
  for (const check of [
    "Five minutes",
    "Idle steady",
    "Snaps open",
    "Pulls under",
    "Stopped hot",
    "Stop control",
  ]) {
    await page.keyboard.press("n");
    await settled(page, check);
  }
  await page.keyboard.press("n");
  await settled(page, "Hand it back");
  await page.keyboard.press("n");
  await expect(page.getByRole("heading", { name: "Done" })).toBeVisible();
  await tabTo(page, page.getByRole("link", { name: "Report" }));
  await page.keyboard.press("Enter");
  await expect(page.getByRole("heading", { name: "Tilby keyboard tractor" })).toBeVisible();
});

test("letter keys stay out of text fields and can be switched off", async ({ page }) => {
  await signIn(page);
  await page.locator("a.dj-job").first().press("Enter");
  await page.waitForURL(/jobs/);
  await page.keyboard.press("l");
  await page.keyboard.type("no theme: tttt");
  await expect(page.locator("html")).toHaveAttribute("data-bs-theme", "light");
  await page.keyboard.press("Escape");
  await expect(page.getByRole("dialog")).toHaveCount(0);
  await page.keyboard.press("t");
  await expect(page.locator("html")).toHaveAttribute("data-bs-theme", "dark");
  await page.keyboard.press("?");
  await page.getByLabel("Letter keys off on this device").check();
  await page.keyboard.press("Escape");
  await expect(page.getByRole("dialog")).toHaveCount(0);
  await page.keyboard.press("t");
  await expect(page.locator("html")).toHaveAttribute("data-bs-theme", "dark");
});

test("the parts of the drawing are reached with arrows", async ({ page }) => {
  await signIn(page);
  await page.goto(
    (await page.locator(".dj-hero a").getAttribute("href")).replace(/[^/]*$/, "strip"),
  );
  await page.keyboard.press("p");
  await page.keyboard.press("ArrowRight");
  const name = await page.evaluate(() => document.activeElement.getAttribute("aria-label"));
  await page.keyboard.press("Enter");
  await expect(page.locator(".dj-sel:visible b")).toHaveText(name.replace(/^\d+ /, ""));
});

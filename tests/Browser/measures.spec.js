import { brokenInEitherTheme, expect, openJob, signIn, test } from "./bench.js";

const tab = (page, name) => page.locator(".dj-benchtabs").getByRole("link", { name });

const show = async (page, name) => {
  // Also the tab in hand is a link: its page is asked for again.
  const loaded = page.waitForEvent("load");
  await tab(page, name).click();
  await loaded;
  await expect(tab(page, name)).toHaveAttribute("aria-current", "true");
};

const unbroken = async (page) => expect(await brokenInEitherTheme(page)).toEqual([]);

const pops = async (page, typed, wet, press) => {
  await page.getByLabel("Pops, opened / shut").fill(typed);
  await page.getByRole("checkbox", { name: "Wetted", exact: true }).setChecked(wet);
  await press(page.getByRole("button", { name: "Log the pops" }));
};

test("a kart's pop-off is brought from 13 / 10 to 10 / 8 by the ledger, wet first, with one thumb on a phone", async ({
  browser,
  baseURL,
}) => {
  const context = await browser.newContext({
    baseURL,
    hasTouch: true,
    viewport: { width: 390, height: 844 },
  });
  const page = await context.newPage();
  const tap = (key) => key.tap();
  await signIn(page);
  const job = await openJob(page, { machine: `Kart ${Date.now()}`, family: "kart_pumper" });
  await page.goto(`${job}/bench-test`);
  await tab(page, "Pop-off").tap();
  await pops(page, "13/10 12.9/10 13.1/10", false, tap);
  const rows = page.locator(".dj-ledger").first().locator("tbody tr");
  await expect(rows).toHaveCount(1);
  // Dry: nothing may be cut.
  await expect(page.locator("#m-pop_off")).toContainText("The last pops were dry");
  await expect(page.getByRole("button", { name: "It is cut, log it" })).toHaveCount(0);
  await pops(page, "12.5/9.5 12.6/9.5 12.4/9.5", true, tap);
  await expect(rows).toHaveCount(2);
  await expect(rows.last()).toContainText("0.5 down");
  for (const [label, value] of [
    ["Wire, mm", "0.45"],
    ["Coil, middle to middle, mm", "3.2"],
    ["Coils that spring", "8"],
    ["Free, mm", "14"],
    ["Installed, mm", "9"],
  ]) {
    await page.getByLabel(label).fill(value);
  }
  await page.getByRole("button", { name: "Log the spring" }).tap();
  const wanted = page
    .locator(".dj-ledger")
    .last()
    .locator("tr", { hasText: /^\s*10/ });
  const coils = (await wanted.locator("td").first().textContent()).trim();
  expect(Number(coils)).toBeGreaterThan(0);
  await page.getByLabel("Coils cut from the tip").fill(coils);
  await page.getByRole("button", { name: "It is cut, log it" }).tap();
  // Cut: to be popped again before anything else is cut.
  await expect(page.locator("#m-pop_off")).toContainText("It was cut since the last pops");
  await pops(page, "10.1/8 10/8 9.9/8.1", true, tap);
  await expect(rows).toHaveCount(3);
  await expect(rows.last()).toContainText(`${coils} off`);
  await expect(tab(page, "Pop-off")).toContainText("10.0 psi");
  await context.close();
});

test("a lever and a float are brought in by keyboard", async ({ page }) => {
  await signIn(page);
  const kart = await openJob(page, { machine: `Kart ${Date.now()}`, family: "kart_pumper" });
  await page.goto(`${kart}/bench-test`);
  await tab(page, "Lever").focus();
  await page.keyboard.press("Enter");
  const lever = async (measured) => {
    await page.getByLabel("Measured, mm").focus();
    await page.keyboard.type(measured);
    await page.keyboard.press("Tab");
    await page.keyboard.press("ControlOrMeta+a");
    await page.keyboard.type("1.0");
    await page.keyboard.press("Enter");
  };
  await lever("1.4");
  await expect(page.getByRole("status").filter({ hasText: "Low by 0.4 mm" })).toContainText(
    "comes up 0.4 mm",
  );
  const bent = await page.locator("#m-lever_height .lever").getAttribute("d");
  await page.getByRole("button", { name: "The lever was bent" }).focus();
  await page.keyboard.press("Enter");
  await expect(tab(page, "Lever")).toContainText("re-check");
  await lever("1.02");
  await expect(page.getByRole("status").filter({ hasText: "Within its card" })).toBeVisible();
  await expect(page.locator("#m-lever_height .lever")).not.toHaveAttribute("d", bent);

  const mower = await openJob(page);
  await page.goto(`${mower}/bench-test`);
  await tab(page, "Float").focus();
  await page.keyboard.press("Enter");
  const float = async (front) => {
    await page.getByLabel("Gap at the front, mm").focus();
    await page.keyboard.type(front);
    await page.keyboard.press("Tab");
    await page.keyboard.type("14");
    await page.keyboard.press("Tab");
    await page.keyboard.press("ControlOrMeta+a");
    await page.keyboard.type("40");
    await page.keyboard.press("Enter");
  };
  await float("16");
  await expect(page.getByRole("status").filter({ hasText: "rides high in use" })).toContainText(
    "2 mm, 2.9°",
  );
  await float("14.1");
  await expect(page.getByRole("status").filter({ hasText: "Parallel" })).toBeVisible();
});

test("what is measured breaks no accessibility rule", async ({ page }) => {
  await signIn(page);
  for (const [family, tabs] of [
    ["kart_pumper", ["Hold", "Leak map", "Lever", "Check valve", "Look and try", "Pop-off"]],
    ["float_pilot_jet", ["Delivery", "Float"]],
  ]) {
    const job = await openJob(page, { machine: `Kart ${Date.now()}`, family });
    await page.goto(`${job}/bench-test`);
    for (const name of tabs.slice(0, -1)) {
      await show(page, name);
      await unbroken(page);
    }
    await show(page, tabs.at(-1));
    if (family === "kart_pumper") {
      await pops(page, "13/10 12.9/10 13.1/10", true, (key) => key.click());
      await expect(page.locator(".dj-ledger")).toHaveCount(1);
    }
    await unbroken(page);
  }
});

test("a leaking barb is isolated in the trade's own steps", async ({ page }) => {
  await signIn(page);
  const job = await openJob(page, { machine: `Saw ${Date.now()}`, family: "cube_opposed" });
  await page.goto(`${job}/bench-test`);
  await page.locator("summary", { hasText: "Readings" }).click();
  await page.locator("#readings").fill("0 7.0\n10 6.6\n20 6.2\n30 5.8\n40 5.5\n50 5.2\n60 4.9");
  await page.getByLabel("Needle wetted with a drop of fuel").check();
  await page.getByRole("button", { name: "Judge these readings" }).click();
  await expect(page.locator(".dj-verdict").first()).toContainText("leak");
  await tab(page, "Leak map").click();
  const map = page.locator("#m-leak_map");
  await expect(map.locator("tbody tr").first()).toContainText("Inlet needle");
  await expect(map.getByRole("status")).toContainText(/min, tells/);
  // Barb off, the stub holds: needle, gasket and diaphragm are cleared.
  await page
    .getByLabel("What was done")
    .selectOption({ label: "Barb off, hose over the stub of the body" });
  await page.getByRole("button", { name: "It holds" }).click();
  await expect(map.locator("tr.is-cleared")).toContainText([
    "Pump cover",
    "Pump diaphragm",
    "Inlet needle",
    "Seat in the body",
  ]);
  await expect(map.locator("tbody tr").first()).toContainText("Inlet barb");
  // Soap on what is left.
  await page
    .getByLabel("What was done")
    .selectOption({ label: "Soapy water on hose, barb and cover, pumped up" });
  await page.getByLabel("Bubbles at").selectOption({ label: "Inlet barb in its bore" });
  await page.getByRole("button", { name: "It leaks" }).click();
  await expect(map.locator("tr.is-leaks")).toContainText("Inlet barb in its bore");
  await expect(tab(page, "Leak map")).toContainText("Inlet barb in its bore");
  await page.goto(`${job}/log`);
  await expect(page.getByText("bubbles at inlet barb in its bore")).toBeVisible();
});

test("a check valve is tried in the body, alone on a hose, resealed and proved", async ({
  page,
}) => {
  await signIn(page);
  const job = await openJob(page, { machine: `Saw ${Date.now()}`, family: "cube_opposed" });
  await page.goto(`${job}/bench-test?look=check_valve`);
  const said = page.locator("#m-check_valve [role=status]");
  const log = page.getByRole("button", { name: "Log both ways" });
  await page.locator("#f-vacuum").selectOption("0");
  await log.click();
  await expect(said).toContainText("leaks in the body");
  // The form now offers the valve alone.
  await expect(page.locator("#f-where")).toHaveValue("out_of_body");
  await log.click();
  await expect(said).toContainText("press fit");
  await page.getByRole("button", { name: "Nozzle resealed" }).click();
  await expect(tab(page, "Check valve")).toContainText("re-check");
  await log.click();
  await expect(said).toContainText("good");
  await expect(tab(page, "Check valve")).toContainText("good");
});

test("the line's delivery is measured against what the engine drinks", async ({ page }) => {
  await signIn(page);
  const job = await openJob(page);
  await page.goto(`${job}/bench-test?look=delivery`);
  await page.getByLabel("Into the can, ml").fill("20");
  await page.getByLabel("Power, kW").fill("7,46");
  await page.getByRole("button", { name: "Log the delivery" }).click();
  await expect(page.locator("#m-delivery [role=status]")).toContainText("starves at full load");
  await expect(tab(page, "Delivery")).toContainText("40 ml/min");
});

test("a float is sighted on a photo by keyboard, and weighed", async ({ page }) => {
  await signIn(page);
  const job = await openJob(page);
  await page.goto(`${job}/bench-test?look=float_level`);
  await page.locator("summary", { hasText: "By a photo" }).focus();
  await page.keyboard.press("Enter");
  const photo = await page.evaluate(() => {
    const canvas = document.createElement("canvas");
    canvas.width = 800;
    canvas.height = 600;
    canvas.getContext("2d").fillRect(100, 380, 600, 10);
    return canvas.toDataURL("image/png").split(",")[1];
  });
  await page.locator("#sight-photo").setInputFiles({
    name: "float.png",
    mimeType: "image/png",
    buffer: Buffer.from(photo, "base64"),
  });
  await expect(page.locator("[data-sight-board]")).toBeVisible();
  await page.getByRole("button", { name: /Float, front end/ }).focus();
  for (let i = 0; i < 2; i += 1) {
    await page.keyboard.press("Shift+ArrowUp");
  }
  await page.getByLabel("Float, hinge to front, mm").fill("40");
  await page.getByRole("button", { name: "Log the tilt" }).click();
  // 40 pixels up over 400 along: atan 0.1.
  await expect(page.locator("#m-float_level [role=status]").first()).toContainText("4 mm, 5.7°");
  await page.locator("summary", { hasText: "Weight and arms" }).click();
  for (const [label, value] of [
    ["Weighs, g", "1.8"],
    ["Hinge to its middle, mm", "30"],
    ["Hinge to the needle, mm", "8"],
    ["Seat bore, mm", "1.6"],
  ]) {
    await page.getByLabel(label).fill(value);
  }
  await page.getByRole("button", { name: "Log the weight" }).click();
  await expect(page.getByText("not fair: a leak there means nothing")).toBeVisible();
  await expect(page.getByText("At the needle the tang moves 1.07 mm")).toBeVisible();
});

import { expect, openJob, signIn, test } from "./bench.js";

const dialPage = async (page) => {
  await signIn(page);
  const job = await openJob(page);
  await page.goto(`${job}/as-found?screw=idle_mixture`);
  return page.getByRole("slider");
};

const turns = (page) => page.locator("#turns");

test("the dial steps by eighths and quarters, out and in", async ({ page }) => {
  const dial = await dialPage(page);
  await page.getByRole("button", { name: /out 1\/8/ }).click();
  await expect(turns(page)).toHaveValue("1/8");
  await page.getByRole("button", { name: /out 1\/4/ }).click();
  await expect(turns(page)).toHaveValue("3/8");
  await page.getByRole("button", { name: /in 1\/8/ }).click();
  await expect(turns(page)).toHaveValue("1/4");
  await expect(dial).toHaveAttribute("aria-valuenow", "12");
  await expect(dial).toHaveAttribute("aria-valuetext", "1/4 turn out");
});

test("the dial stops at seated and at twenty turns", async ({ page }) => {
  const dial = await dialPage(page);
  await page.getByRole("button", { name: /in 1\/4/ }).click();
  await expect(turns(page)).toHaveValue("0");
  await dial.focus();
  for (let i = 0; i < 22; i++) {
    await page.keyboard.press("PageUp");
  }
  await expect(turns(page)).toHaveValue("20");
  await page.keyboard.press("Home");
  await expect(turns(page)).toHaveValue("0");
});

test("arrows turn an eighth, with Shift a quarter", async ({ page }) => {
  const dial = await dialPage(page);
  await dial.focus();
  await page.keyboard.press("ArrowUp");
  await page.keyboard.press("Shift+ArrowRight");
  await expect(turns(page)).toHaveValue("3/8");
  await page.keyboard.press("ArrowDown");
  await page.keyboard.press("Shift+ArrowLeft");
  await expect(turns(page)).toHaveValue("0");
});

test("half turns are counted by tap, taken back, and started over", async ({ page }) => {
  await dialPage(page);
  const half = page.getByRole("button", { name: /Half turn/ });
  for (let i = 0; i < 5; i++) {
    await half.click();
  }
  await expect(turns(page)).toHaveValue("2 1/2");
  await page.getByRole("button", { name: "Undo" }).click();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(turns(page)).toHaveValue("1 1/2");
  await page.getByRole("button", { name: "Start over" }).click();
  await expect(turns(page)).toHaveValue("0");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(turns(page)).toHaveValue("1 1/2");
});

test("the pointer turns the screw: counter-clockwise is out", async ({ page }) => {
  const dial = await dialPage(page);
  const box = await dial.boundingBox();
  const centre = { x: box.x + box.width / 2, y: box.y + box.height * 0.47 };
  const radius = 60;
  await page.mouse.move(centre.x, centre.y - radius);
  await page.mouse.down();
  for (let degrees = 10; degrees <= 180; degrees += 10) {
    const angle = (degrees * Math.PI) / 180;
    await page.mouse.move(centre.x - radius * Math.sin(angle), centre.y - radius * Math.cos(angle));
  }
  await page.mouse.up();
  await expect(turns(page)).toHaveValue("1/2");
});

test("the server draws what the script drew", async ({ page }) => {
  await dialPage(page);
  for (let i = 0; i < 3; i++) {
    await page.getByRole("button", { name: /Half turn/ }).click();
  }
  const slot = page.locator("[data-slot]").first();
  const drawn = await slot.getAttribute("transform");
  await page.getByRole("button", { name: "Counted in, log" }).click();
  await expect(page.locator(".dj-next .do")).toContainText("idle speed");
  await page.getByRole("link", { name: /Idle mixture/ }).click();
  await page.waitForURL(/screw=idle_mixture/);
  const degrees = (text) => ((Number(text.match(/rotate\((-?[\d.]+)/)[1]) % 360) + 360) % 360;
  expect(degrees(await slot.getAttribute("transform"))).toBeCloseTo(degrees(drawn), 3);
  await expect(turns(page)).toHaveValue("1 1/2");
});

test("turns are read as they are written", async ({ page }) => {
  await dialPage(page);
  await turns(page).fill("3.5 half turns");
  await page.getByRole("button", { name: "Counted in, log" }).click();
  await expect(page.locator(".dj-ribbon li.now")).toContainText("1 3/4");
});

test("a stop screw counts in from its cam, and Set starts it from the book or as found", async ({
  page,
}) => {
  await signIn(page);
  const job = await openJob(page);
  await page.goto(`${job}/as-found?screw=idle_speed`);
  await expect(
    page.getByText("Back it out by half turns until it just leaves the cam"),
  ).toBeVisible();
  const dial = page.getByRole("slider");
  await page.getByRole("button", { name: /in 1\/4/ }).click();
  await expect(dial).toHaveAttribute("aria-valuetext", "1/4 turn in past touching");
  // In is clockwise.
  await expect(page.locator("[data-slot]")).toHaveAttribute("transform", "rotate(90 140 130)");
  await page.getByRole("button", { name: /out 1\/4/ }).click();
  await expect(turns(page)).toHaveValue("0");
  await dial.focus();
  for (let i = 0; i < 10; i++) {
    await page.keyboard.press("Shift+ArrowUp");
  }
  await page.getByRole("button", { name: "Counted out, log" }).click();
  await expect(page.locator(".dj-ribbon li").first()).toContainText("as found");

  await page.goto(`${job}/set?screw=idle_speed`);
  await expect(turns(page)).toHaveValue("1");
  await page.getByRole("button", { name: /^As found/ }).click();
  await expect(turns(page)).toHaveValue("2 1/2");
  await page.getByRole("button", { name: /^Book/ }).click();
  await expect(turns(page)).toHaveValue("1");
});

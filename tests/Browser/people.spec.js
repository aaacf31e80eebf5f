import { brokenInEitherTheme, expect, signInAtTheDoor as signIn, test } from "./bench.js";

test("the owner adds somebody, who sets a PIN and takes over the bench device with it", async ({
  page,
  browser,
  baseURL,
}) => {
  const name = `Nell Varga ${Date.now()}`;
  await signIn(page);
  await page.getByRole("link", { name: "People" }).click();
  const add = page.locator("section", { has: page.getByRole("heading", { name: "Somebody new" }) });
  await add.getByLabel("Name").fill(name);
  await add.getByLabel("Password to begin with").fill("short");
  await add.getByRole("button", { name: "Add" }).click();
  await expect(page.getByRole("alert")).toContainText("12 characters or more");
  await expect(add.getByLabel("Name")).toHaveValue(name);
  await add.getByLabel("Password to begin with").fill("cold pliers, warm tea");
  await add.getByRole("button", { name: "Add" }).click();
  await expect(page.getByRole("heading", { name })).toBeVisible();

  const own = await browser.newContext({ baseURL });
  const phone = await own.newPage();
  await phone.goto("/sign-in");
  await phone.getByLabel("Name").fill(name);
  await phone.getByLabel("Password").fill("cold pliers, warm tea");
  await phone.getByRole("button", { name: "Sign in", exact: true }).click();
  await phone.getByRole("link", { name: /You and this device/ }).click();
  const pin = phone.locator("section", {
    has: phone.getByRole("heading", { name: "A PIN of your own" }),
  });
  await pin.getByLabel("Password you have now").fill("cold pliers, warm tea");
  await pin.getByLabel(/PIN/).fill("4915");
  await pin.getByRole("button").click();
  await expect(phone.getByRole("status").first()).toContainText("Your PIN is set");
  await own.close();

  await page.getByRole("link", { name: /You and this device/ }).click();
  await page.getByLabel("Who").selectOption({ label: name });
  await page.getByLabel("PIN", { exact: true }).fill("4915");
  await page.getByRole("button", { name: "Switch", exact: true }).click();
  await expect(page.getByRole("heading", { name: "Bench board" })).toBeAttached();
  await expect(page.getByRole("link", { name: `You and this device, ${name}` })).toBeVisible();
});

test("people, oneself and the security log break no accessibility rule", async ({ page }) => {
  await signIn(page);
  for (const path of ["/people", "/me", "/people/events"]) {
    await page.goto(path);
    await page.evaluate(() =>
      document.querySelectorAll("details").forEach((more) => (more.open = true)),
    );
    expect(await brokenInEitherTheme(page), path).toEqual([]);
  }
});

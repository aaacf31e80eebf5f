import {
  broken,
  brokenInEitherTheme,
  expect,
  openJob,
  PAGES,
  signInAtTheDoor as signIn,
  test,
} from "./bench.js";

for (const [name, viewport] of Object.entries({
  wide: { width: 1280, height: 800 },
  phone: { width: 390, height: 844 },
})) {
  test(`no page breaks an accessibility rule in either theme: ${name}`, async ({ page }) => {
    await page.setViewportSize(viewport);
    await page.goto("/sign-in");
    expect(await brokenInEitherTheme(page), "sign-in").toEqual([]);
    await signIn(page);
    const jobs = await page.$$eval("a.dj-job, .dj-hero a, #main a.dj-wait", (links) =>
      links.map((link) => ({
        text: (link.closest(".dj-hero, li") ?? link).textContent,
        job: link.getAttribute("href").replace(/\/[^/]*$/, ""),
      })),
    );
    const of = (machine) => jobs.find((each) => each.text.includes(machine)).job;
    const everyPage = [
      "/",
      "/jobs/create",
      "/jobs/create?family=float_pilot_jet",
      "/library?a=1-1",
      "/library/float_side_pump",
      ...PAGES.filter((s) => !["strip", "clean", "build"].includes(s)).map(
        (s) => `${of("Tilby 46")}/${s}`,
      ),
      `${of("6 outboard")}/strip`,
      `${of("chainsaw")}/clean`,
      `${of("tractor")}/build`,
      `${of("chipper")}/intake`,
      `${of("chipper")}/intake?look=say`,
      `${of("chainsaw")}/set?screw=idle_speed`,
      `${of("Osier")}/run`,
      `${of("Osier")}/run?screw=start`,
      `${of("Osier")}/run?screw=all`,
      `${of("Osier")}/run?screw=governed`,
      `${of("chainsaw")}/run?screw=idle`,
      `${of("60 outboard")}/run?screw=balance`,
      `${of("60 outboard")}/as-found`,
      `${of("classic")}/bench-test`,
      `${of("tractor")}/hand-back`,
    ];
    // The same pages on a phone; those whose parts change places there.
    const phonePages = [
      "/",
      "/jobs/create?family=cube_opposed",
      "/library/cube_opposed",
      `${of("chipper")}/intake`,
      `${of("chipper")}/intake?look=say`,
      `${of("tractor")}/hand-back`,
      `${of("60 outboard")}/as-found`,
      `${of("6 outboard")}/strip`,
      `${of("chainsaw")}/clean`,
      `${of("tractor")}/build`,
      `${of("Tilby 46")}/bench-test`,
      `${of("Osier")}/run`,
      `${of("Osier")}/run?screw=start`,
      `${of("Osier")}/run?screw=all`,
      `${of("chainsaw")}/run?screw=idle`,
    ];
    const pages = name === "wide" ? everyPage : phonePages;
    for (const path of pages) {
      await page.goto(path);
      if (/intake|as-found|strip|clean|build|hand-back/.test(path)) {
        await page.$$eval("main details", (all) => all.forEach((each) => (each.open = true)));
      }
      expect(await brokenInEitherTheme(page, name === "phone"), path).toEqual([]);
    }
  });
}

test("no drawing of a family breaks a rule, in either theme and at either width", async ({
  page,
}) => {
  await signIn(page);
  await page.goto("/library");
  const families = await page.$$eval(".dj-families a", (all) => all.map((a) => a.href));
  families.push("/library/outboard_bank?variant=six", "/library/outboard_bank?variant=four");
  const drawn = new Set();
  for (const href of families) {
    await page.goto(href);
    // Families that share a drawing share its rules.
    const casts = page.locator("#cutaway .cast");
    const cast = `${await casts.count()} ${await casts.first().getAttribute("d")}`;
    if (drawn.has(cast)) {
      continue;
    }
    drawn.add(cast);
    // Colors do not hang on the width.
    for (const [theme, width] of [
      ["dark", 1280],
      ["light", 1280],
      ["light", 390],
    ]) {
      await page.setViewportSize({ width, height: 800 });
      await page.evaluate((name) => (document.documentElement.dataset.bsTheme = name), theme);
      const found = await broken(page, theme, ".cutwrap");
      expect(found, `${href} ${theme} ${width}`).toEqual([]);
      // Nothing on it is smaller than twelve pixels on the screen.
      const small = await page.$$eval("#cutaway text", (all) =>
        all
          .filter((text) => text.checkVisibility())
          .map((text) => Math.round(text.getBoundingClientRect().height))
          .filter((height) => height < 12),
      );
      expect(small, `${href} ${width}`).toEqual([]);
    }
  }
  expect(drawn.size).toBe(12);
});

test("a refused entry says why where one looks, and keeps what was typed", async ({ page }) => {
  await signIn(page);
  const job = await openJob(page);
  await page.goto(`${job}/as-found`);
  await page.locator("#turns").fill("1.76");
  await page.getByRole("button", { name: "Counted in, log" }).click();
  await expect(page.getByRole("alert")).toContainText("Did you mean 1 3/4");
  await expect(page.locator("#turns")).toHaveValue("1.76");
  expect(await broken(page)).toEqual([]);
  await page.locator("#turns").fill("1 3/4");
  await page.getByRole("button", { name: "Counted in, log" }).click();
  await expect(page.getByRole("alert")).toHaveCount(0);
  await expect(page.locator(".dj-next .do")).toContainText("idle speed");
});

test("dialogs keep the rules too", async ({ page }) => {
  await signIn(page);
  await openJob(page);
  await page.keyboard.press("?");
  expect(await broken(page)).toEqual([]);
  await page.keyboard.press("Escape");
  await page.keyboard.press("l");
  expect(await broken(page)).toEqual([]);
});

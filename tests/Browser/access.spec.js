import AxeBuilder from "@axe-core/playwright";
import { expect, openJob, PAGES, signIn, test } from "./bench.js";

const violations = async (page) => {
  const { violations: found } = await new AxeBuilder({ page })
    .withTags(["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice"])
    .analyze();
  return found.flatMap((rule) =>
    rule.nodes.map(
      (node) => `${rule.id}: ${node.target.join(" ")} ${node.failureSummary?.split("\n")[1] ?? ""}`,
    ),
  );
};

for (const theme of ["light", "dark"]) {
  for (const [name, viewport] of Object.entries({
    wide: { width: 1280, height: 800 },
    phone: { width: 390, height: 844 },
  })) {
    test(`no page breaks an accessibility rule: ${theme}, ${name}`, async ({
      page,
      baseURL,
      context,
    }) => {
      await page.setViewportSize(viewport);
      await context.addCookies([{ name: "dj_theme", value: theme, url: baseURL }]);
      await page.goto("/sign-in");
      expect(await violations(page), "sign-in").toEqual([]);
      await signIn(page);
      const jobs = await page.$$eval("a.dj-job, .dj-hero a", (links) =>
        links.map((link) => ({
          text: link.closest(".dj-hero, li").textContent,
          job: link.getAttribute("href").replace(/\/[^/]*$/, ""),
        })),
      );
      const of = (machine) => jobs.find((each) => each.text.includes(machine)).job;
      const everyPage = [
        "/",
        "/jobs/create",
        "/library?a=1-1",
        "/library/float_side_pump",
        ...PAGES.map((s) => `${of("Tilby 46")}/${s}`),
        `${of("Korvo")}/intake`,
        `${of("Osier")}/run`,
        `${of("Harrowgate 27")}/run`,
        `${of("Tilby 53")}/hand-back`,
      ];
      // The same pages on a phone; those whose parts change places there.
      const phonePages = [
        "/",
        "/jobs/create",
        "/library/cube_opposed",
        `${of("Korvo")}/intake`,
        `${of("Marlin")}/as-found`,
        `${of("Tilby 46")}/bench-test`,
        `${of("Osier")}/run`,
      ];
      const pages = name === "wide" ? everyPage : phonePages;
      for (const path of pages) {
        await page.goto(path);
        if (/intake|as-found/.test(path)) {
          await page.$$eval("main details", (all) => all.forEach((each) => (each.open = true)));
        }
        expect(await violations(page), path).toEqual([]);
      }
    });
  }
}

test("a refused entry says why where one looks, and keeps what was typed", async ({ page }) => {
  await signIn(page);
  const job = await openJob(page);
  await page.goto(`${job}/as-found`);
  await page.locator("#turns").fill("1.76");
  await page.getByRole("button", { name: "Counted in, log" }).click();
  await expect(page.getByRole("alert")).toContainText("Did you mean 1 3/4");
  await expect(page.locator("#turns")).toHaveValue("1.76");
  expect(await violations(page)).toEqual([]);
  await page.locator("#turns").fill("1 3/4");
  await page.getByRole("button", { name: "Counted in, log" }).click();
  await expect(page.getByRole("alert")).toHaveCount(0);
  await expect(page.locator(".dj-next .do")).toContainText("idle speed");
});

test("dialogs keep the rules too", async ({ page }) => {
  await signIn(page);
  await openJob(page);
  await page.keyboard.press("?");
  expect(await violations(page)).toEqual([]);
  await page.keyboard.press("Escape");
  await page.keyboard.press("l");
  expect(await violations(page)).toEqual([]);
});

// What the browser tests share: signing in, opening a job, and watching that nothing breaks on the way.
import { readFileSync } from "node:fs";
import { createRequire } from "node:module";
import { expect, test as base } from "@playwright/test";

// Every page of a job.
export const PAGES = [
  "intake",
  "as-found",
  "strip",
  "bench-test",
  "clean",
  "build",
  "set",
  "run",
  "hand-back",
  "log",
  "report",
];

const EVERY_RULE = ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice"];

// The rules that hang on colors: all that another theme of the same page can break.
const OF_COLOR = ["color-contrast", "link-in-text-block"];

// The rules that hang on the width of a page that was looked at wide.
const OF_WIDTH = [
  ...OF_COLOR,
  "target-size",
  "scrollable-region-focusable",
  "region",
  "landmark-unique",
];

const AXE = readFileSync(createRequire(import.meta.url).resolve("axe-core/axe.min.js"), "utf8");

// What breaks an accessibility rule, a line each; of a page that was looked at in the light, dark needs its colors only.
export const broken = async (page, theme = "light", within = "html", isNarrow = false) => {
  // Read once by each page, however often it is looked at.
  if (!(await page.evaluate(() => "axe" in window))) {
    await page.evaluate(AXE);
  }
  const rules = theme === "dark" ? OF_COLOR : OF_WIDTH;
  const isWhole = theme !== "dark" && !isNarrow;
  const options = {
    resultTypes: ["violations"],
    runOnly: isWhole ? { type: "tag", values: EVERY_RULE } : { type: "rule", values: rules },
    // Colors ask nothing of the style sheets' own text, which axe would fetch again for one other rule.
    preload: isWhole,
  };
  const violations = await page.evaluate(
    async ([where, given]) => (await window.axe.run(where, given)).violations,
    [within, options],
  );
  return violations.flatMap((rule) =>
    rule.nodes.map(
      (node) => `${rule.id}: ${node.target.join(" ")} ${node.failureSummary?.split("\n")[1] ?? ""}`,
    ),
  );
};

// The same in both themes, of one page that was asked for once.
export const brokenInEitherTheme = async (page, isNarrow = false) => {
  const found = [];
  for (const theme of ["light", "dark"]) {
    await page.evaluate((name) => (document.documentElement.dataset.bsTheme = name), theme);
    found.push(...(await broken(page, theme, "html", isNarrow)).map((said) => `${theme}: ${said}`));
  }
  return found;
};

const asJson = { headers: { Accept: "application/json" } };

// What each carburetor is where nobody says more.
const VARIANTS = {
  cube_opposed: "dependent",
  cube_stacked: "dependent",
  float_adjustable_main: "bowl_nut_needle",
  float_fixed_jet: "post_jet",
  float_pilot_jet: "removable_pilot",
  float_side_pump: "mixture_screw",
  kart_pumper: "kart",
  outboard_bank: "three",
  pulse_pump: "crankcase",
  small_outboard: "packed_needle",
  suction_lift: "one_pickup",
  suction_lift_choke: "press_fit_seat",
  updraft: "updraft",
};

// By tapping a name at the door, as a person does.
export const signInAtTheDoor = async (page, name = "R. Okafor") => {
  await page.goto("/sign-in");
  await page.getByRole("button", { name: new RegExp(name) }).click();
  await expect(page.getByRole("heading", { name: "Bench board" })).toBeAttached();
};

// Who came in once on this worker is in: by server and name, the cookies of that device.
const cameIn = new Map();

// Signed in, wherever the page is: nobody looks at the door or the board again for it.
export const signIn = async (page, name = "R. Okafor") => {
  const key = `${process.env.BASE_URL} ${name}`;
  const context = page.context();
  const url = process.env.BASE_URL ?? "http://127.0.0.1:8080";
  if (cameIn.has(key)) {
    await context.addCookies(cameIn.get(key));
    if ((await context.request.get(`${url}/session`, asJson)).ok()) {
      return;
    }
  }
  await context.clearCookies({ name: "dusty_jet_session" });
  const door = await (await context.request.get(`${url}/sign-in`)).text();
  const [, token] = /name="_token" value="([^"]+)"/.exec(door);
  const form = { _token: token, name, password: "brass-jet-demo" };
  await context.request.post(`${url}/sign-in`, { form, maxRedirects: 0 });
  cameIn.set(key, await context.cookies(url));
};

// A job as its intake leaves it, without a page; ends on its first sheet.
export const openJob = async (
  page,
  { machine = `Tilby test mower ${Date.now()}`, family = "float_pilot_jet" } = {},
) => {
  const { token } = await (await page.request.get("/session", asJson)).json();
  const answer = await page.request.post("/jobs", {
    form: {
      _token: token,
      client_id: crypto.randomUUID(),
      family,
      machine,
      engine: "160 cc four-stroke",
      complaint: "Floods",
      variant: VARIANTS[family],
      idle_sense: "fuel",
    },
    maxRedirects: 0,
  });
  const address = answer.headers().location ?? "";
  expect(address, await answer.text()).toMatch(/jobs.[0-9a-f-]{36}/);
  await page.goto(address.replace(/^https?:\/\/[^/]+/, ""));
  return page.url().replace(/\/as-found.*/, "");
};

const brass = (page) => page.locator("[data-next]");

// Presses the brass key as long as its label begins so; each press must change the count of the bay.
const whileBrass = async (page, label, press) => {
  const counted = () => document.querySelector(".bay-work .cnt")?.textContent;
  while ((await brass(page).textContent()).trim().startsWith(label)) {
    const was = await page.evaluate(counted);
    await press();
    // Looks at every frame: hundreds of presses would add up in the steps of an expect.
    await page.waitForFunction(
      (text) => document.querySelector(".bay-work .cnt")?.textContent !== text,
      was,
      { timeout: 20_000 },
    );
  }
};

// What the sheet offers in one key: off as listed, looked at and sound, fitted one after the other.
export const allAtOnce = (page) => page.locator("#rest-form > button");

// Everything off in the order the sheet proposes; press is a tap, a click or a key.
export const stripAll = (page, press) => whileBrass(page, "Off", press);

// Everything looked at and sound.
export const lookAtAll = (page, press) => whileBrass(page, "It is sound", press);

// Everything back on, as far as one key goes each time.
export const buildAll = (page, press) => whileBrass(page, "Fitted", press);

// Every test fails on a script error, a blocked resource, or a request that leaves the machine.
export const test = base.extend({
  page: async ({ page, baseURL }, use) => {
    const faults = [];
    page.on("pageerror", (error) => faults.push(`script error: ${error.message}`));
    page.on("console", (message) => {
      if (message.type() === "error" && /Content Security Policy|Refused/.test(message.text())) {
        faults.push(message.text());
      }
    });
    page.on("request", (request) => {
      if (!request.url().startsWith(baseURL) && !request.url().startsWith("data:")) {
        faults.push(`left the machine: ${request.url()}`);
      }
    });
    await use(page);
    expect(faults).toEqual([]);
  },
});

export { expect };

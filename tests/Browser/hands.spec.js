// Taps and keys of five whole jobs, from the board to the hand-back on a phone, as few as the sheet allows. They may only fall:
// what a job took at the last count stands in hands.json.
import fs from "node:fs";
import { expect, test } from "./bench.js";
import { Hand } from "./hands.js";

const FILE = new URL("hands.json", import.meta.url);
const MOST = JSON.parse(fs.readFileSync(FILE, "utf8"));

// Name of the job, its carburetor, its machine and engine, what is said of it, what each screw is found at.
const JOBS = [
  ["float mower", "float_pilot_jet", "Tilby 46", "160 cc four-stroke", ["7/4", "2"]],
  ["saw with a cube", "cube_opposed", "Korvo 52", "51 cc two-stroke", ["7/4", "1", "2"]],
  [
    "bank of three",
    "outboard_bank",
    "Marlin & Pike 60",
    "three cylinders",
    ["7/4", "7/4", "7/4", "2"],
  ],
  ["kart", "kart_pumper", "Korvo 100", "100 cc two-stroke", ["7/4", "1", "2"]],
  ["updraft tractor", "updraft", "Harrowgate 20", "1,300 cc four-stroke", ["7/4", "1", "2"]],
];

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

const signIn = async (page) => {
  await page.goto("/sign-in");
  await page.getByRole("button", { name: /June Halloran/ }).tap();
  await expect(page.getByRole("heading", { name: "Bench board" })).toBeAttached();
};

// The shop has seen one of these before: that is the rule, not the exception.
const seenBefore = async (page, family, machine, engine) => {
  await page.goto(`/jobs/create?family=${family}`);
  await page.getByLabel("In the customer's words").fill("Runs badly");
  await page.getByLabel("Machine", { exact: true }).fill(machine);
  await page.getByLabel("Engine", { exact: true }).fill(engine);
  await page.getByRole("button", { name: /Open the job/ }).tap();
  await page.waitForURL(/as-found/);
};

for (const [name, family, machine, engine, found] of JOBS) {
  test(`a whole ${name} takes no more taps and keys than before`, async ({ page }, info) => {
    test.setTimeout(180_000);
    await signIn(page);
    await seenBefore(page, family, machine, engine);
    await page.goto(`/jobs/create?family=${family}`);
    const hand = new Hand(page);
    await hand.tap(page.getByRole("button", { name: "Runs badly", exact: true }));
    await hand.tap(
      page.locator("[data-machine]", { hasText: machine }).filter({ hasText: engine }).first(),
    );
    await hand.tap(page.getByRole("button", { name: /Open the job/ }));
    await page.waitForURL(/as-found/);
    const job = page.url().replace(/\/as-found.*/, "");
    await hand.work(found);

    await expect(page.getByRole("heading", { name: "Done" })).toBeVisible();
    const entries = (await (await page.request.get(`${job}/file`)).json()).entries;
    const counted = entries.filter((entry) => entry.kind === "screw_counted").length;
    expect(counted).toBe(found.length);
    for (const kind of [
      "parts_off",
      "parts_sound",
      "parts_on",
      "hold_tested",
      "speed_read",
      "idle_read",
    ]) {
      expect(
        entries.some((entry) => entry.kind === kind),
        kind,
      ).toBe(true);
    }
    const took = { taps: hand.taps, keys: hand.keys };
    info.annotations.push({
      type: "hands",
      description: `${name}: ${took.taps} taps, ${took.keys} keys`,
    });
    console.log(`${name}: ${took.taps} taps, ${took.keys} keys ${JSON.stringify(hand.at)}`);
    if (process.env.RECORD_HANDS) {
      MOST[name] = took;
      fs.writeFileSync(FILE, `${JSON.stringify(MOST, null, 2)}\n`);
    }
    expect(took.taps).toBeLessThanOrEqual(MOST[name].taps);
    expect(took.keys).toBeLessThanOrEqual(MOST[name].keys);
  });
}

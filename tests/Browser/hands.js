// A technician who does what the sheet says, with as few taps and keys as it allows, and counts them.
import { expect } from "@playwright/test";

// How the engine of each screw answers: its best speed, where that is, and how steeply it falls off, rpm a turn squared.
const ANSWERS = {
  idle_mixture: { best: 1780, at: 1.5, falls: 700 },
  low: { best: 2900, at: 1, falls: 2600 },
  high: { best: 12_500, at: 1.1, falls: 9000, flutters: 1.4 },
  main: { best: 3750, at: 1.5, falls: 900 },
  top: { best: 900, at: 1.75, falls: 300 },
  middle: { best: 900, at: 1.75, falls: 300 },
  bottom: { best: 900, at: 1.75, falls: 300 },
};

const inTurns = (text) => {
  const [, whole = "0", up, down] =
    /^(\d+)?\s*(?:(\d+)\/(\d+))?$/.exec(text.trim().replace(/\s+/g, " ")) ?? [];
  return Number(whole) + (up ? Number(up) / Number(down) : 0);
};

export class Hand {
  taps = 0;
  keys = 0;
  // Taps and keys by station, for whoever wants to know where they go.
  at = {};

  constructor(page) {
    this.page = page;
    this.brass = page.locator("[data-next]");
    this.rest = page.locator("#rest-form > button");
  }

  async station() {
    return (await this.page.locator("#job").getAttribute("data-station")) ?? "new";
  }

  async #count(what, n) {
    const station = await this.station();
    this[what] += n;
    this.at[station] ??= { taps: 0, keys: 0 };
    this.at[station][what] += n;
  }

  async tap(target) {
    await this.#count("taps", 1);
    await target.tap();
  }

  // A field that is in focus already needs no tap; what stands in it is written over.
  async type(target, text) {
    if (!(await target.evaluate((field) => field === document.activeElement))) {
      await this.tap(target);
    }
    await this.#count("keys", text.length);
    await target.fill(text);
  }

  // Taps a key, and waits for the sheet that answers it.
  async press(target) {
    const state = () =>
      [performance.timeOrigin, document.querySelector("#job input[name=seen]")?.value].join();
    const was = await this.page.evaluate(state);
    // While a page is left for the next there is nothing to ask.
    const sheet = () => this.page.evaluate(state).catch(() => was);
    await this.tap(target);
    await expect.poll(sheet, { timeout: 20_000 }).not.toBe(was);
    await this.page.waitForLoadState();
    // Before its first picture a page takes no tap: nobody sees a key there.
    await this.page.evaluate(
      () => new Promise((seen) => requestAnimationFrame(() => requestAnimationFrame(seen))),
    );
  }

  async count(turns) {
    if ((await this.page.locator("#turns").inputValue()) !== turns) {
      await this.type(this.page.locator("#turns"), turns);
    }
    await this.press(this.brass);
  }

  // One reading where the sheet wants it; what is heard beside it is the key that logs it.
  async read(screw) {
    const turns = inTurns(await this.page.locator("#read-turns").inputValue());
    const { best, at, falls, flutters } = ANSWERS[screw];
    await this.type(
      this.page.locator("#rpm"),
      String(Math.round(best - falls * (turns - at) ** 2)),
    );
    if (flutters) {
      await this.press(
        this.page
          .locator("#read-form")
          .getByRole("button", { name: turns >= flutters ? "Flutters" : "Clean" }),
      );
    } else {
      await this.press(this.brass);
    }
  }

  // What is to be done next, by what the brass key does.
  async #step() {
    const form = await this.brass.getAttribute("form");
    if (await this.rest.count()) {
      return this.press(this.rest);
    }
    if (form === "hold-form") {
      return this.press(this.page.locator(".dj-held"));
    }
    if (form === "read-form") {
      return this.read(await this.page.locator("#read-form input[name=adjuster]").inputValue());
    }
    if ((await this.brass.getAttribute("href"))?.includes("#reference-form")) {
      return this.press(this.page.locator("#reference-form button").nth(1));
    }
    if (form === "bank-form") {
      for (const field of await this.page.locator("#bank-form input:not([type=hidden])").all()) {
        await this.type(field, "10.0");
      }
    }
    if (form === "idle-form") {
      await this.type(this.page.locator("#idle-rpm"), this.idle ?? "1750");
      return this.press(this.page.getByRole("button", { name: "Smooth", exact: true }));
    }
    return this.press(this.brass);
  }

  // To the hand-back, or as far as `most` steps go; what was found as the screws were counted comes first.
  async work(found, most = 120) {
    const trail = [];
    for (const turns of found) {
      await this.count(turns);
    }
    for (
      let i = 0;
      i < most && (await this.page.locator(".dj-next h2").innerText()) !== "Done";
      i++
    ) {
      trail.push(`${await this.station()}: ${await this.page.locator(".dj-next .do").innerText()}`);
      if (trail.slice(-4).length === 4 && new Set(trail.slice(-4)).size === 1) {
        throw new Error(`The sheet says the same again and again: ${trail.at(-1)}`);
      }
      await this.#step();
    }
    return trail;
  }
}

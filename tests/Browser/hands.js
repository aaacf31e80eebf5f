// A technician who does what the sheet says with as few taps and keys as it allows, and counts them.
import { expect } from "./bench.js";

const brass = (page) => page.locator("[data-next]");

export class Hand {
  taps = 0;
  keys = 0;
  // What was done at each station, for whoever wants to know where the taps go.
  at = {};

  constructor(page) {
    this.page = page;
  }

  async station() {
    return (await this.page.locator("#job").getAttribute("data-station").catch(() => "")) ?? "";
  }

  async #count(name, n) {
    const station = (await this.station()) || "open";
    this[name] += n;
    this.at[station] ??= { taps: 0, keys: 0 };
    this.at[station][name] += n;
  }

  async tap(target) {
    await this.#count("taps", 1);
    await target.tap();
  }

  // A field that is in focus already needs no tap.
  async type(target, text) {
    if (!(await target.evaluate((field) => field === document.activeElement))) {
      await this.tap(target);
    }
    await this.#count("keys", text.length);
    await target.fill(text);
  }

  async choose(target, value) {
    // Opens the list, takes one.
    await this.#count("taps", 2);
    await target.selectOption(value);
  }

  // Taps and waits until the sheet says something else: the log has grown.
  async log(target) {
    const seen = this.page.locator("#job form input[name=seen]").first();
    const was = await seen.inputValue();
    await this.tap(target);
    await expect(seen).not.toHaveValue(was, { timeout: 20_000 });
  }
}

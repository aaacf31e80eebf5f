// Offline drills in a real browser: somebody logs one thing after the other while the line is cut, fails, loses
// answers, the tab is closed, the session ends, another signs in. Afterwards the job's log must hold each thing once,
// under its author's name, in order: of one author all there is; where two took turns, notes and parts each, because a
// part waits for what it rests on and a note does not.
// node bench/offline/drill.js URL SEED DRILLS
import { chromium } from "@playwright/test";
import { Line } from "../../tests/Browser/line.js";

const [url, seedText = "1", countText = "50"] = process.argv.slice(2);
const AUTHORS = ["June Halloran", "Teo Vanska"];
const STEPS = Number(process.env.STEPS ?? 12);

// Mulberry32: a seed gives the same drills on every machine.
const randomOf = (seed) => () => {
  seed = (seed + 0x6d2b79f5) | 0;
  let t = Math.imul(seed ^ (seed >>> 15), 1 | seed);
  t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
  return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
};

const signIn = async (page, name) => {
  await page.goto("/sign-in");
  // On a slow machine an answer that was under way has brought the session of before back.
  while (new URL(page.url()).pathname !== "/sign-in") {
    await page.context().clearCookies();
    await page.waitForTimeout(1000);
    await page.goto("/sign-in");
  }
  await page.getByRole("button", { name: new RegExp(name) }).click();
  // The board, or the sheet that was asked for before.
  await page.waitForURL((url) => url.pathname !== "/sign-in");
};

const openJob = async (page, machine) => {
  await page.goto("/jobs/create?family=float_pilot_jet");
  await page.getByLabel("In the customer's words").fill("Floods");
  await page.getByLabel("Machine", { exact: true }).fill(machine);
  await page.getByLabel("Engine", { exact: true }).fill("160 cc four-stroke");
  await page.getByRole("button", { name: /Open the job/ }).click();
  await page.waitForURL(/as-found/);
  return page.url().split("/jobs/")[1].split("/")[0];
};

// The worker has the sheet, as it has any sheet that was open a moment.
const keepSheet = (page, path) =>
  page.evaluate(async (href) => {
    await navigator.serviceWorker.ready;
    while (!navigator.serviceWorker.controller) {
      await new Promise((wait) => setTimeout(wait, 50));
    }
    await fetch(href, { headers: { "X-Keep": "1" } });
  }, path);

class Drill {
  constructor(browser, line, seed) {
    Object.assign(this, {
      browser,
      line,
      random: randomOf(seed),
      seed,
      wanted: [],
      events: [],
      author: AUTHORS[0],
      n: 0,
    });
  }

  pick(list) {
    return list[Math.floor(this.random() * list.length)];
  }

  async start() {
    this.context = await this.browser.newContext({
      baseURL: this.line.url,
      serviceWorkers: "allow",
      reducedMotion: "reduce",
    });
    this.page = await this.context.newPage();
    this.page.setDefaultTimeout(30_000);
    await signIn(this.page, this.author);
    this.job = await openJob(this.page, `Drill ${this.seed}`);
    this.path = `/jobs/${this.job}/strip`;
    await this.page.goto(this.path);
    await keepSheet(this.page, this.path);
  }

  async note(page = this.page) {
    const text = `drill ${this.seed} thing ${++this.n}`;
    await page.keyboard.press("l");
    await page.locator("#note-text").fill(text);
    const key = page.getByRole("button", { name: "Log the note" });
    await (this.random() < 0.3 ? key.dblclick() : key.click());
    await page.locator("#note-text").waitFor({ state: "hidden" });
    this.wanted.push([text, this.author]);
  }

  async part() {
    const next = this.page.locator(".dj-offs > li.is-next form");
    if ((await next.count()) === 0) {
      return this.note();
    }
    const part = await next.locator("[name=part]").inputValue();
    const form = this.page.locator(`#off-${part}`);
    await form.locator("button").click();
    const refusal = this.page.locator(".dj-errors");
    await Promise.race([form.waitFor({ state: "detached" }), refusal.waitFor()]);
    if (await refusal.isVisible()) {
      // Somebody else's was sent in the meantime: it is off already, and that is said.
      return this.reload();
    }
    this.wanted.push([part, this.author]);
  }

  async reload() {
    await this.page.goto(this.path).catch(() => {});
    await this.page.waitForLoadState();
    if ((await this.page.locator("#job").count()) === 0) {
      this.line.become("up");
      await this.again();
    }
  }

  // The browser may still be busy showing that there was no line: whoever sees that taps once more.
  async again() {
    const isShown = await this.page.goto(this.path).then(
      () => true,
      () => false,
    );
    if (!isShown) {
      await this.page.waitForTimeout(1000);
      await this.page.goto(this.path);
    }
  }

  async reopen() {
    await this.page.close();
    this.page = await this.context.newPage();
    this.page.setDefaultTimeout(30_000);
    await this.reload();
  }

  // The session ends while the sheet is open; what is logged then is kept; the same person signs in again.
  async expire() {
    this.line.become("up");
    await this.settle();
    await this.forgetSession();
    await this.note();
    await signIn(this.page, this.author);
    await this.page.goto(this.path);
  }

  // Something of one waits, and another signs in: theirs is theirs.
  async change() {
    this.line.become("cut");
    await this.note();
    await this.forgetSession();
    this.line.become("up");
    this.author = AUTHORS[1 - AUTHORS.indexOf(this.author)];
    await signIn(this.page, this.author);
    await this.page.goto(this.path);
    await this.note();
  }

  async twoTabs() {
    const other = await this.context.newPage();
    other.setDefaultTimeout(30_000);
    await other.goto(this.path).catch(() => {});
    if ((await other.locator("#job").count()) > 0) {
      await this.note(other);
      await this.note();
    }
    await other.close();
  }

  async settle() {
    await this.page
      .waitForFunction(() => document.getElementById("waiting").hidden, null, { timeout: 15_000 })
      .catch(() => {});
  }

  async step() {
    const event = this.pick([
      "cut",
      "failing",
      "deaf",
      "up",
      "up",
      "reload",
      "reopen",
      "expire",
      "change",
      "twoTabs",
      "none",
      "none",
    ]);
    this.events.push(event);
    if (["cut", "failing", "deaf", "up"].includes(event)) {
      this.line.become(event);
    } else if (event !== "none") {
      await this[event]();
    }
    await (this.random() < 0.5 ? this.note() : this.part());
  }

  // An answer that was under way would bring the session's cookie back.
  async forgetSession() {
    do {
      await this.context.clearCookies();
      await this.page.waitForTimeout(400);
    } while ((await this.context.cookies()).length > 0);
  }

  // Everybody signs in, and once more: what rests on another's goes when that is gone.
  async end() {
    this.line.become("up");
    for (const author of [...AUTHORS, ...AUTHORS]) {
      await this.forgetSession();
      await signIn(this.page, author);
      await this.page.goto(this.path);
      await this.page.evaluate(() => window.dispatchEvent(new Event("online")));
      await this.settle();
    }
    this.left = await this.page.evaluate(
      () =>
        new Promise((done) => {
          indexedDB.open("dusty-jet", 1).addEventListener("success", (event) => {
            const all = event.target.result.transaction("letters").objectStore("letters").getAll();
            all.addEventListener("success", () => done(all.result.map((l) => [l.said, l.byName, l.state, l.reason])));
          });
        }),
    );
    const answer = await this.page.request.get(`/jobs/${this.job}/file`);
    this.entries = (await answer.json()).entries.slice(1).map((e) => [e.payload.text ?? e.payload.part, e.by]);
    await this.context.close();
  }

  isInOrder() {
    const once = [...new Map(this.wanted.map((one) => [one[0], one])).values()];
    const isNote = (what) => what.startsWith("drill ");
    const streams = this.events.includes("change") ? [isNote, (what) => !isNote(what)] : [() => true];
    return AUTHORS.every((by) =>
      streams.every((isOne) => {
        const ofOne = (list) => list.filter(([what, author]) => author === by && isOne(what)).map(([what]) => what);
        const there = ofOne(this.entries);
        return (
          ofOne(once)
            .filter((what) => there.includes(what))
            .join() === there.join()
        );
      }),
    );
  }

  result() {
    const count = (what, list) => list.filter(([one]) => one === what).length;
    const lost = this.wanted.filter(([what]) => count(what, this.entries) === 0);
    const doubled = this.wanted.filter(([what]) => count(what, this.entries) > 1);
    const signed = this.wanted.filter(([what, by]) =>
      this.entries.some(([one, author]) => one === what && author !== by),
    );
    return { wanted: this.wanted.length, lost, doubled, signed, order: this.isInOrder() };
  }
}

const browser = await chromium.launch({ executablePath: "/usr/bin/chromium-headless-shell", args: ["--no-sandbox", "--disable-gpu"] });
const line = await Line.to(url);
const sum = { wanted: 0, lost: 0, doubled: 0, signed: 0, unordered: 0, broken: 0 };
for (let i = 0; i < Number(countText); i++) {
  line.become("up");
  const drill = new Drill(browser, line, Number(seedText) * 1000 + i);
  try {
    await drill.start();
    for (let k = 0; k < STEPS; k++) {
      await drill.step();
    }
    await drill.end();
    const { wanted, lost, doubled, signed, order } = drill.result();
    sum.wanted += wanted;
    sum.lost += lost.length;
    sum.doubled += doubled.length;
    sum.signed += signed.length;
    sum.unordered += order ? 0 : 1;
    if (lost.length + doubled.length + signed.length > 0 || !order) {
      console.log(`drill ${drill.seed}: ${drill.events.join(" ")}`);
      console.log(
        `  lost ${JSON.stringify(lost)} doubled ${JSON.stringify(doubled)} wrongly signed ${JSON.stringify(signed)}, in order ${order}`,
      );
      console.log(`  left ${JSON.stringify(drill.left)}`);
      console.log(`  wanted ${JSON.stringify(drill.wanted)}\n  is     ${JSON.stringify(drill.entries)}`);
    }
  } catch (error) {
    sum.broken += 1;
    console.log(
      `drill ${drill.seed} (${drill.events.join(" ")}) could not be played: ${error.message.split("\n").slice(0, 12).join(" | ")}`,
    );
    await drill.page?.screenshot({ path: "/tmp/drill.png" }).catch(() => {});
    await drill.context?.close();
  }
}
line.close();
await browser.close();
console.log(
  `offline drills, seed ${seedText}: ${countText} of ${STEPS} steps, ${sum.wanted} things logged: lost ${sum.lost}, doubled ${sum.doubled}, ` +
    `wrongly signed ${sum.signed}, out of order in ${sum.unordered} drills, not played ${sum.broken}`,
);
process.exit(sum.lost + sum.doubled + sum.signed + sum.unordered + sum.broken > 0 ? 1 : 0);

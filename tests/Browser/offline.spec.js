import { broken, expect, openJob, signInAtTheDoor as signIn, test } from "./bench.js";
import { Line } from "./line.js";

test.use({ serviceWorkers: "allow" });

// A context of its own, at the end of a line of its own.
const lined = test.extend({
  line: async ({ baseURL }, use) => {
    const line = await Line.to(baseURL);
    await use(line);
    line.close();
  },
  phone: async ({ browser, line }, use) => {
    const context = await browser.newContext({
      baseURL: line.url,
      serviceWorkers: "allow",
      viewport: { width: 1280, height: 800 },
      reducedMotion: "reduce",
    });
    await use(context);
    await context.close();
  },
  page: async ({ phone }, use) => use(await phone.newPage()),
});

const waiting = (page) => page.locator("#waiting [role=status]");

// Nothing is left in the device's store, and the page says so.
const sent = async (page) => {
  const left = () =>
    page.evaluate(
      () =>
        new Promise((done) => {
          indexedDB.open("dusty-jet", 1).addEventListener("success", (event) => {
            const store = event.target.result.transaction("letters").objectStore("letters");
            store.count().addEventListener("success", (counted) => done(counted.target.result));
          });
        }),
    );
  // What a phone hears when its line is back: no need to wait for the next try.
  await page.evaluate(() => window.dispatchEvent(new Event("online")));
  await expect.poll(left, { timeout: 60_000 }).toBe(0);
  await expect(page.locator("#waiting")).toBeHidden();
};

const note = async (page, text) => {
  await page.getByRole("button", { name: /Note/ }).first().click();
  await page.locator("#note-text").fill(text);
  await page.getByRole("button", { name: "Log the note" }).click();
};

// What the server has of a job, oldest first.
const log = async (page, job) => {
  const id = job.split("/").pop();
  const file = await page.request.get(`/jobs/${id}/file`);
  return (await file.json()).entries;
};

// Found from another window of this browser.
const isSaid = async (page, job, key, logged) => {
  const other = await page.context().newPage();
  await other.goto(`${job}/intake?look=say`);
  await other.getByRole("button", { name: key }).first().click();
  await expect(other.locator(".dj-ribbon li.now")).toContainText(logged);
  await other.close();
};

const drips = (page, job) => isSaid(page, job, /^Fuel drips/i, "Fuel dripping: yes");

const workerIsThere = (page) =>
  page.evaluate(async () => {
    const ready = await navigator.serviceWorker.ready;
    await new Promise((done) => {
      const look = () => (navigator.serviceWorker.controller ? done() : setTimeout(look, 50));
      look();
    });
    return ready.active !== null;
  });

const keep = async (page, path) => {
  await page.evaluate((href) => fetch(href, { headers: { "X-Keep": "1" } }), path);
};

lined(
  "a whole strip without a line, through a reload, in order and once",
  async ({ page, line }) => {
    await signIn(page);
    const job = await openJob(page);
    await workerIsThere(page);
    await page.goto(`${job}/strip`);
    await keep(page, `${job}/strip`);
    line.become("cut");

    const taken = [];
    for (let i = 0; i < 24; i++) {
      if (i === 5) {
        await page.reload();
        await expect(page.locator(".dj-tray .is-kept")).toHaveCount(5);
      }
      const next = page.locator(".dj-offs > li.is-next form");
      if ((await next.count()) === 0) {
        break;
      }
      taken.push(await next.locator("[name=part]").inputValue());
      await next.locator("button").click();
      await expect(page.locator(".dj-tray .is-kept")).toHaveCount(taken.length);
    }
    expect(taken.length).toBeGreaterThan(15);
    await expect(waiting(page)).toContainText(`${taken.length} kept on this device`);

    line.become("up");
    await sent(page);
    await expect(page.getByText(`${taken.length} of 24 off`)).toBeVisible();
    const off = (await log(page, job)).filter((entry) => entry.kind === "part_off");
    expect(off.map((entry) => entry.payload.part)).toEqual(taken);
  },
);

lined(
  "a count and its correction are two entries; a second tap is none",
  async ({ page, line }) => {
    await signIn(page);
    const job = await openJob(page);
    await page.goto(`${job}/as-found`);
    line.become("cut");
    await page.locator("#turns").fill("1 3/4");
    await page.getByRole("button", { name: "Counted in, log" }).dblclick();
    await expect(waiting(page)).toContainText("1 kept on this device");
    await page.locator("#turns").fill("2");
    await page.getByRole("button", { name: "Counted in, log" }).click();
    await expect(waiting(page)).toContainText("2 kept on this device");
    line.become("up");
    await sent(page);

    const counted = (await log(page, job)).filter((entry) => entry.kind === "screw_counted");
    expect(counted.map((entry) => entry.payload.units)).toEqual([84, 96]);
  },
);

lined("a photo and a typed hold test wait with their bytes", async ({ page, line }) => {
  await signIn(page);
  const job = await openJob(page);
  await page.goto(`${job}/bench-test?look=hold`);
  line.become("cut");
  await page.locator("summary", { hasText: "Readings" }).click();
  await page.locator("#readings").fill("0 5.0\n30 5.0\n60 4.9\n90 4.9\n120 4.9");
  await page.getByRole("button", { name: "Judge these readings" }).click();
  await expect(waiting(page)).toContainText("1 kept on this device");
  line.become("up");
  await sent(page);
  await page.goto(`${job}/strip`);
  line.become("cut");
  await page.locator("summary", { hasText: "Photos" }).click();
  await page.setInputFiles("#photo", {
    name: "jet.png",
    mimeType: "image/png",
    buffer: Buffer.from(
      "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==",
      "base64",
    ),
  });
  await page.locator("#photo-form button[type=submit]").click();
  await expect(waiting(page)).toContainText("1 kept on this device");
  line.become("up");
  await sent(page);
  const kinds = (await log(page, job)).map((entry) => entry.kind);
  expect(kinds.filter((kind) => kind === "hold_tested")).toHaveLength(1);
  expect(kinds.filter((kind) => kind === "photo_taken")).toHaveLength(1);
});

lined(
  "a server that fails, and one whose answer is lost, neither lose nor double",
  async ({ page, line }) => {
    await signIn(page);
    const job = await openJob(page);
    await page.goto(`${job}/strip`);
    line.become("failing");
    await note(page, "while it failed");
    await expect(waiting(page)).toContainText("does not answer as it should");
    line.become("deaf");
    await page.evaluate(() => window.dispatchEvent(new Event("online")));
    await page.waitForTimeout(500);
    await expect(waiting(page)).toContainText("1 kept");
    line.become("up");
    await sent(page);
    line.become("deaf");
    await note(page, "whose answer was lost");
    await expect(waiting(page)).toContainText("1 kept");
    line.become("up");
    await sent(page);

    const texts = (await log(page, job)).map((entry) => entry.payload.text).filter(Boolean);
    expect(texts).toEqual(["while it failed", "whose answer was lost"]);
  },
);

lined(
  "a session that is over keeps it for the same person, and another does not sign it",
  async ({ page, phone }) => {
    await signIn(page, "June Halloran");
    const job = await openJob(page);
    await page.goto(`${job}/strip`);
    await phone.clearCookies();
    await note(page, "of June");
    await expect(waiting(page)).toContainText("Sign in as June Halloran to send 1 entry");

    await signIn(page, "Teo Vanska");
    await expect(waiting(page)).toContainText("Sign in as June Halloran to send 1 entry");
    await page.goto(`${job}/strip`);
    await note(page, "of Teo");
    await expect(page.locator(".dj-ribbon li.now")).toContainText("of Teo");
    await page.getByRole("button", { name: "Show it" }).click();
    await expect(page.locator("#outbox")).toContainText("Waits for June Halloran");
    expect(await broken(page, "light", "#outbox")).toEqual([]);
    await page.locator("#outbox").getByRole("button", { name: "Close" }).click();

    await page.getByRole("button", { name: /Sign out/ }).click();
    await signIn(page, "June Halloran");
    await sent(page);
    const notes = (await log(page, job)).filter((entry) => entry.kind === "note_added");
    expect(notes.map((entry) => [entry.payload.text, entry.by])).toEqual([
      ["of Teo", "Teo Vanska"],
      ["of June", "June Halloran"],
    ]);
  },
);

lined(
  "what rests on another's unsent entry waits for it, and is not refused",
  async ({ page, phone, line }) => {
    const takeOffNext = async () => {
      const next = page.locator(".dj-offs > li.is-next form");
      const part = await next.locator("[name=part]").inputValue();
      await next.locator("button").click();
      return part;
    };
    await signIn(page, "June Halloran");
    const job = await openJob(page);
    await page.goto(`${job}/strip`);
    await workerIsThere(page);
    line.become("cut");
    const taken = [];
    for (let i = 1; i <= 8; i++) {
      taken.push(await takeOffNext());
      await expect(waiting(page)).toContainText(`${i} kept`);
    }
    // June is out before there is a line: else the first of hers is sent at once.
    await phone.clearCookies();
    line.become("up");

    await signIn(page, "Teo Vanska");
    await page.goto(`${job}/strip`);
    await expect(page.locator(".dj-tray .is-kept")).toHaveCount(8);
    line.become("cut");
    taken.push(await takeOffNext());
    await expect(waiting(page)).toContainText("9 kept");
    line.become("up");
    await page.evaluate(() => window.dispatchEvent(new Event("online")));
    await page.getByRole("button", { name: "Show it" }).click();
    await expect(page.locator("#outbox li").last()).toContainText(
      "Waits for what was logged before it to be sent",
      {
        timeout: 60_000,
      },
    );
    await expect(waiting(page)).not.toContainText("refused");
    await page.locator("#outbox").getByRole("button", { name: "Close" }).click();

    await page.getByRole("button", { name: /Sign out/ }).click();
    await signIn(page, "June Halloran");
    // Hers are sent; his waits for him.
    await page.evaluate(() => window.dispatchEvent(new Event("online")));
    await expect(waiting(page)).toContainText("1 kept on this device", { timeout: 60_000 });
    await expect(waiting(page)).toContainText("Sign in as Teo Vanska to send 1 entry");
    await page.getByRole("button", { name: /Sign out/ }).click();
    await signIn(page, "Teo Vanska");
    await sent(page);
    const off = (await log(page, job)).filter((entry) => entry.kind === "part_off");
    expect(off.map((entry) => [entry.payload.part, entry.by])).toEqual(
      taken.map((part, i) => [part, i < 8 ? "June Halloran" : "Teo Vanska"]),
    );
  },
);

lined(
  "what the server refuses is said, and is sent again or dropped by hand",
  async ({ page, line, browser, baseURL }) => {
    await signIn(page);
    const job = await openJob(page);
    const id = job.split("/").pop();
    const other = await (await browser.newContext({ baseURL })).newPage();
    await signIn(other, "June Halloran");
    await page.goto(`${job}/set?screw=idle_mixture`);
    line.become("cut");
    await page.locator("#turns").fill("1");
    await page.getByRole("button", { name: "Set, log" }).click();
    await expect(waiting(page)).toContainText("1 kept");
    await other.goto(`/jobs/${id}/set?screw=idle_mixture`);
    await other.locator("#turns").fill("2");
    await other.getByRole("button", { name: "Set, log" }).click();
    await expect(other.locator(".dj-ribbon li.now")).toContainText("set to");
    line.become("up");

    await expect(waiting(page)).toContainText("1 entry refused", { timeout: 60_000 });
    await page.getByRole("button", { name: "Show it" }).click();
    await expect(page.locator("#outbox")).toContainText("June Halloran logged");
    expect(await broken(page, "light", "#outbox")).toEqual([]);
    await page.locator("#outbox").getByRole("button", { name: "Send again" }).click();
    await sent(page);
    const set = (await log(page, job)).filter((entry) => entry.kind === "screw_set");
    expect(set.map((entry) => entry.payload.units)).toEqual([96, 48]);
    await other.context().close();
  },
);

lined("half-typed readings stay when what waited was sent", async ({ page, line }) => {
  await signIn(page);
  const job = await openJob(page);
  await page.goto(`${job}/bench-test?look=hold`);
  line.become("cut");
  await note(page, "kept");
  await expect(waiting(page)).toContainText("1 kept");
  await page.locator("summary", { hasText: "Readings" }).click();
  await page.locator("#readings").fill("0 5.0\n30 5.0");
  line.become("up");
  await expect(page.locator("#sent")).toBeVisible({ timeout: 60_000 });
  await expect(page.locator("#readings")).toHaveValue("0 5.0\n30 5.0");
});

lined(
  "an old sheet proposes nothing where an engine runs, says of when it is, and stops what is too fast",
  async ({ page, line }) => {
    await signIn(page);
    const job = await openJob(page, { family: "cube_opposed" });
    await workerIsThere(page);
    const run = `${job}/run?screw=high`;
    await page.goto(run);
    await expect(page.locator(".dj-old")).toBeHidden();
    await expect(page.locator(".bay-mix")).toBeVisible();
    line.become("cut");
    await page.reload();
    await expect(waiting(page)).toContainText(/This page is as it was at \d\d:\d\d/);
    await expect(page.locator(".dj-old")).toContainText(/since \d\d:\d\d/);
    for (const offer of await page.locator(".dj-proposes, .dj-or, .dj-next").all()) {
      await expect(offer).toBeHidden();
    }
    await page.keyboard.press("n");
    await expect(page).toHaveURL(new RegExp(run.replace("?", ".")));

    // What it proposed stands in no field: where the screw is, is typed.
    await expect(page.locator("#read-turns")).toHaveValue("");
    await page.locator("#read-turns").fill("1 1/4");
    await page.locator("#rpm").fill("13900");
    await page.getByRole("button", { name: /^Log/ }).first().click();
    await expect(page.locator("[data-over]")).toContainText("Let go of the throttle");

    line.become("up");
    await sent(page);
    await expect(page.locator(".dj-old")).toBeHidden();
    await expect(page.getByText("Above the maker's no-load maximum.").first()).toBeVisible();
  },
);

lined(
  "a kept page comes up to date by itself once the line is back, though nothing waits",
  async ({ page, line }) => {
    await signIn(page);
    const job = await openJob(page);
    await workerIsThere(page);
    for (const path of [`${job}/strip`, "/"]) {
      await page.goto(path);
      await keep(page, path);
      line.become("cut");
      await page.reload();
      await expect(page.locator("html")).toHaveAttribute("data-kept");
      line.become("up");
      await page.evaluate(() => window.dispatchEvent(new Event("online")));
      await expect(page.locator("html")).not.toHaveAttribute("data-kept");
      await expect(waiting(page)).toBeHidden();
    }
  },
);

lined(
  "a strip that begins with a run proposes none once a part is off that the server does not know",
  async ({ page, line }) => {
    await signIn(page);
    const job = await openJob(page, { family: "suction_lift" });
    await isSaid(page, job, /^Starts, then dies/i, "dies");
    await page.goto(`${job}/strip`);
    await expect(page.locator(".dj-next .do")).toContainText("Run it");
    await expect(page.locator(".dj-old")).toBeHidden();

    line.become("cut");
    await page.locator(".dj-offs > li.is-next form button").click();
    await expect(page.locator(".bay-work")).toContainText("not sent yet");
    await expect(page.locator(".dj-old")).toBeVisible();
    for (const offer of await page.locator(".dj-or, .dj-next").all()) {
      await expect(offer).toBeHidden();
    }
    await expect(page.locator(".dj-offs > li.is-next")).toBeVisible();

    line.become("up");
    await sent(page);
    await expect(page.locator(".dj-old")).toBeHidden();
    // What is still behind something is listed, on a fresh sheet too.
    await page.getByText("Still behind something").click();
    await expect(page.locator("ul.dj-behind li").first()).toBeVisible();
  },
);

lined(
  "a sheet by which an engine is run falls silent when the line is gone, and comes back with what others found",
  async ({ page, line }) => {
    await page.clock.install();
    await signIn(page);
    const job = await openJob(page, { family: "cube_opposed" });
    await page.goto(`${job}/run?screw=high`);
    await expect(page.locator(".bay-mix")).toBeVisible();
    line.become("cut");
    await page.clock.runFor(16_000);

    await expect(waiting(page)).toContainText("No connection");
    await expect(page.locator(".dj-old")).toContainText("meanwhile");
    for (const offer of await page.locator(".dj-proposes, .dj-or, .dj-next").all()) {
      await expect(offer).toBeHidden();
    }
    await expect(page.locator("#rpm")).toBeVisible();

    line.become("up");
    await drips(page, job);
    await page.evaluate(() => window.dispatchEvent(new Event("online")));
    await expect(page.locator(".bay-work")).toContainText(
      "Not now. Fuel drips: nothing is started while that stands.",
    );
    await expect(page.locator(".dj-old")).toBeHidden();
    await expect(page.locator(".bay-mix, #rpm")).toHaveCount(0);
  },
);

lined(
  "what another found is on the sheet by which an engine is run without a key pressed",
  async ({ page }) => {
    await page.clock.install();
    await signIn(page);
    const job = await openJob(page, { family: "cube_opposed" });
    await page.goto(`${job}/run?screw=high`);
    await drips(page, job);
    await expect(page.locator(".bay-mix")).toBeVisible();
    await page.clock.runFor(16_000);

    await expect(page.locator(".bay-work")).toContainText("nothing is started while that stands.");
    await page.getByRole("button", { name: "Looked: it is gone" }).click();
    await expect(page.locator(".bay-mix")).toBeVisible();
  },
);

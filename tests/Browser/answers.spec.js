// Only the shop's own answer to an entry takes the place of a sheet: whatever else answers wipes nothing.
import { expect, openJob, signIn, test } from "./bench.js";

const waiting = (page) => page.locator("#waiting [role=status]");

const entries = async (page, job) => (await (await page.request.get(`${job}/file`)).json()).entries;

const note = async (page, text) => {
  await page.getByRole("button", { name: /Note/ }).first().click();
  await page.locator("#note-text").fill(text);
  await page.getByRole("button", { name: "Log the note" }).click();
};

// What a machine between the phone and the shop may say.
const FOREIGN = {
  "a door page of the network": {
    status: 200,
    contentType: "text/html",
    body: "<h1>Guest network: accept</h1>",
  },
  "a sheet of nobody": { status: 200, contentType: "text/html", body: '<div id="job">Hello</div>' },
  "nothing there": { status: 404, contentType: "text/html", body: "<h1>Not found</h1>" },
  "a gateway": { status: 502, contentType: "text/html", body: "<h1>Bad gateway</h1>" },
};

for (const [name, answer] of Object.entries(FOREIGN)) {
  test(`a foreign answer takes no sheet and loses no entry: ${name}`, async ({ page }) => {
    await signIn(page);
    const job = await openJob(page);
    await page.goto(`${job}/as-found`);
    await page.route("**/entries/**", (route) => route.fulfill(answer));
    await note(page, "Soap on the hose");
    await expect(waiting(page)).toContainText("1 kept on this device");
    await expect(page.locator(".dj-machine")).toContainText("Tilby test mower");
    await expect(page.locator("#turns")).toBeVisible();

    await page.unroute("**/entries/**");
    await page.evaluate(() => window.dispatchEvent(new Event("online")));
    await expect(page.locator("#waiting")).toBeHidden();
    const said = (await entries(page, job)).filter((entry) => entry.kind === "note_added");
    expect(said.map((entry) => entry.payload.text)).toEqual(["Soap on the hose"]);
  });
}

test("what is too large for the server is said, and what was typed stays", async ({ page }) => {
  await signIn(page);
  const job = await openJob(page);
  await page.goto(`${job}/as-found`);
  await page.locator("#turns").fill("1 3/4");
  await page.route("**/entries/**", (route) =>
    route.fulfill({ status: 413, contentType: "text/html", body: "<h1>Too large</h1>" }),
  );
  await page.getByRole("button", { name: "Counted in, log" }).click();
  await expect(page.getByRole("alert")).toContainText("too large to be sent");
  await expect(page.locator("#turns")).toHaveValue("1 3/4");
  await expect(page.locator("#waiting")).toBeHidden();
  await page.unroute("**/entries/**");
  await page.getByRole("button", { name: "Counted in, log" }).click();
  await expect(page.locator(".dj-ribbon li.now")).toContainText("1 3/4");
});

test("an entry is one trip: the sheet is in its answer", async ({ page }) => {
  await signIn(page);
  const job = await openJob(page);
  await page.goto(`${job}/as-found`);
  const asked = [];
  page.on("request", (request) =>
    asked.push(`${request.method()} ${new URL(request.url()).pathname.split("/").pop()}`),
  );
  await page.locator("#turns").fill("1 3/4");
  await page.getByRole("button", { name: "Counted in, log" }).click();
  await expect(page.locator(".dj-ribbon li.now")).toContainText("1 3/4");
  expect(asked.filter((each) => !/session|icon/.test(each))).toEqual(["POST screw_counted"]);
});

// 12 MB of gray, as a camera without compression would send it.
const large = () => {
  const [width, height] = [2000, 2000];
  const picture = Buffer.alloc(54 + 3 * width * height, 0x80);
  picture.fill(0, 0, 54);
  picture.write("BM", 0);
  picture.writeUInt32LE(picture.length, 2);
  picture.writeUInt32LE(54, 10);
  picture.writeUInt32LE(40, 14);
  picture.writeInt32LE(width, 18);
  picture.writeInt32LE(height, 22);
  picture.writeUInt16LE(1, 26);
  picture.writeUInt16LE(24, 28);
  return { name: "bench.bmp", mimeType: "image/bmp", buffer: picture };
};

test("a photo is made as small on the device as it is kept", async ({ page }) => {
  await signIn(page);
  const job = await openJob(page);
  await page.goto(`${job}/strip`);
  const sent = page.waitForRequest(/photos$/);
  await page.setInputFiles("#camera", large());
  const size = Number((await (await sent).allHeaders())["content-length"]);
  expect(size).toBeLessThan(1_000_000);
  await expect(page.locator(".dj-ribbon li.now")).toContainText("Photo");
});

test("a photo that no device can make smaller is refused in a sentence", async ({ page }) => {
  await signIn(page);
  const job = await openJob(page);
  await page.goto(`${job}/strip`);
  let isSent = false;
  page.on("request", (request) => (isSent ||= request.url().endsWith("/photos")));
  await page.setInputFiles("#camera", {
    name: "a.heic",
    mimeType: "image/heic",
    buffer: Buffer.alloc(9_600_000, 1),
  });
  await expect(page.getByRole("alert")).toContainText("more than 9.5 MB");
  expect(isSent).toBe(false);
});

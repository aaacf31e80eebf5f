// A photo kept and pinned with one thumb, before anything comes off.
import { expect, openJob, signIn, test } from "./bench.js";

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

// 40 x 20 pixels, drawn here.
const PNG = Buffer.from(
  "iVBORw0KGgoAAAANSUhEUgAAACgAAAAUCAIAAABwJOjsAAAACXBIWXMAAA7EAAAOxAGVKw4bAAAAJ0lEQVRIx2M8" +
    "UaHBMBCAiWGAwKjFoxaPWjxq8ajFoxaPWjxqMf0BABBGAZCS4l0sAAAAAElFTkSuQmCC",
  "base64",
);

test("a photo is kept and pinned, and what is no photo is refused", async ({ page }) => {
  await signIn(page);
  await openJob(page);
  await page.locator("summary", { hasText: "Photos and pins" }).tap();
  await page.setInputFiles("#photo", {
    name: "notes.txt",
    mimeType: "text/plain",
    buffer: Buffer.from("no picture"),
  });
  await page.getByRole("button", { name: "Keep the photo" }).tap();
  await expect(page.getByRole("alert")).toContainText("not a picture");
  await page.setInputFiles("#photo", { name: "a.png", mimeType: "image/png", buffer: PNG });
  await page.locator("#caption").fill("Governor side");
  await page.getByRole("button", { name: "Keep the photo" }).tap();
  const board = page.getByRole("img", { name: "Governor side, no pins" });
  await expect(board).toBeVisible();
  const box = await board.boundingBox();
  await board.tap({ position: { x: box.width / 4, y: box.height / 2 } });
  await expect(page.getByLabel("Across, %")).toHaveValue(/^2[45]\.\d$/);
  await expect(page.getByLabel(/Tap the photo/)).toBeFocused();
  await page.keyboard.type("Spring, second hole");
  await page.keyboard.press("Enter");
  await expect(
    page.getByRole("img", { name: "Governor side, pins: 1 Spring, second hole" }),
  ).toBeVisible();
  await page.getByRole("button", { name: "Take pin 1 off" }).tap();
  await expect(page.getByRole("img", { name: "Governor side, no pins" })).toBeVisible();
});

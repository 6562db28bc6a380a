import { bench, jobOf, oneMoreLike } from "./bench.js";
import { expect, test, type Page } from "./house.js";

const pixel = Buffer.from(
  "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==",
  "base64",
);

/** One more ottoman, at its cloth's pattern: the fields of what is seen of the cloth. */
async function faceOfAnother(page: Page) {
  await oneMoreLike(page, "Storage ottoman");
  await page.goto(`/jobs/${jobOf(page)}/cloth`);
  await page.getByRole("button", { name: "pattern", exact: true }).click();
  return page.getByRole("group", { name: "What is seen of it" });
}

test("a motif is shown in its repeat on the roll and on the pieces, and the seams at which it goes on are counted", async ({
  page,
}) => {
  await page.goto("/jobs/teasel-chair-backs/cloth");
  const print = page.locator(".roll-row pattern").first();
  await expect(print).toHaveAttribute("width", /^228\.6/);
  await expect(print).toHaveAttribute("height", /^317\.5/);
  await expect(print.locator("path")).toHaveAttribute("fill", "#8f4a38");
  await expect(page.locator(".laid polygon").first()).toHaveAttribute("fill", /^url\(#/);
  await page.goto("/jobs/teasel-chair-backs/pieces");
  await expect(page.locator(".pieces pattern path").first()).toHaveAttribute("fill", "#8f4a38");
});

test("a picture of the cloth is shown in its repeat on the roll and on the pieces, outlives a reload, and what is none is said", async ({
  page,
}) => {
  const face = await faceOfAnother(page);
  await page.getByLabel("repeat across").fill("6");
  await page.getByLabel("repeat down the roll").fill("8");
  await face.getByText("a picture", { exact: true }).click();
  await expect(face.getByText(/No picture is chosen yet/)).toBeVisible();
  const pick = page.getByLabel("A picture of the cloth");
  await pick.setInputFiles({ name: "notes.png", mimeType: "image/png", buffer: Buffer.from("no picture") });
  await expect(face.getByRole("alert")).toContainText("JPEG, PNG or WebP");
  await pick.setInputFiles({
    name: "large.png",
    mimeType: "image/png",
    buffer: Buffer.alloc(30 * 1024 * 1024, 1),
  });
  await expect(face.getByRole("alert")).toContainText("larger than 8 MB");
  await pick.setInputFiles({ name: "cloth.png", mimeType: "image/png", buffer: pixel });
  await expect(face.getByRole("img", { name: "One repeat of the cloth" })).toBeVisible();
  await expect(face.getByText(/No picture is chosen yet/)).toHaveCount(0);
  const onRoll = page.locator(".roll-row pattern image").first();
  await expect(onRoll).toHaveAttribute("href", /^data:image\/jpeg;base64,/);
  await expect(onRoll).toHaveAttribute("width", /^152\.4/);
  await bench.settled(page);
  await page.goto(`/jobs/${jobOf(page)}/pieces`);
  await expect(page.locator(".pieces pattern image").first()).toHaveAttribute("href", /^data:image\/jpeg/);
});

test("a check is begun from two colours and waits for its repeat; what matching costs stands beside each way", async ({
  page,
}) => {
  const face = await faceOfAnother(page);
  await face.getByText("check", { exact: true }).click();
  await expect(face.getByText(/shown plain till then/)).toBeVisible();
  await page.getByLabel("repeat across").fill("6");
  await page.getByLabel("repeat down the roll").fill("6");
  await expect(face.getByText(/shown plain till then/)).toHaveCount(0);
  await expect(page.locator(".roll-row pattern rect")).toHaveCount(3);
  await face.getByLabel("stripe so wide").fill("9");
  await expect(page.getByText(/between 0 and 6 in/).first()).toBeVisible();
  await face.getByLabel("stripe so wide").fill("1");
  await expect(page.getByText(/The pattern meets at/)).toBeVisible();
  await expect(page.getByRole("radiogroup", { name: "Matched over" })).toContainText(/the whole set: .* yd/);
  await page.getByText(/^not met/).click();
  await expect(page.getByText(/The pattern meets at/)).toHaveCount(0);
});

/** Where the cover in the hand shows blue: a place for every second pixel each way. */
async function blueOn(page: Page): Promise<Set<number>> {
  const picture = (await page.locator(".turn-view canvas").screenshot()).toString("base64");
  return new Set(
    await page.evaluate(async (data) => {
      const image = new Image();
      image.src = `data:image/png;base64,${data}`;
      await image.decode();
      const canvas = new OffscreenCanvas(image.width, image.height);
      const context = canvas.getContext("2d");
      context?.drawImage(image, 0, 0);
      const { data: pixels } = context?.getImageData(0, 0, image.width, image.height) ?? { data: [] };
      const found: number[] = [];
      for (let at = 0; at < pixels.length; at += 8) {
        const [red = 0, , blue = 0] = [pixels[at], pixels[at + 1], pixels[at + 2]];
        if (blue > 90 && blue > 2 * red) {
          found.push(at);
        }
      }

      return found;
    }, picture),
  );
}

test("a stripe is led by dragging it on the face: pieces, lay and the cover in the hand show it, and it goes on at the seams", async ({
  page,
}) => {
  const face = await faceOfAnother(page);
  await page.getByLabel("repeat across").fill("6");
  await face.getByText("stripe", { exact: true }).click();
  await face.getByRole("textbox", { name: "stripe", exact: true }).fill("#0000ff");
  await bench.settled(page);
  await page.goto(`/jobs/${jobOf(page)}/pieces`);
  await page.getByRole("button", { name: /^Top, cut width/ }).click();
  await page.getByRole("button", { name: "Place the print" }).click();
  await page.getByRole("button", { name: "stripe in the middle" }).click();
  await bench.settled(page);
  await expect.poll(async () => (await blueOn(page)).size, { timeout: 60_000 }).toBeGreaterThan(500);
  const centred = await blueOn(page);

  // Half a repeat aside by hand: where a stripe was there is none now.
  const drawn = page.getByRole("slider", { name: "The print on the top" });
  const box = await drawn.locator("svg").boundingBox();
  if (!box) {
    throw new Error("The piece is not drawn.");
  }

  const half = (3 / 29) * (box.width - 2); // the top is cut 29 in wide
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + half / 2, y, { steps: 4 });
  await page.mouse.move(x + half, y, { steps: 4 });
  await page.mouse.up();
  await expect(page.getByLabel("stripe right of the middle")).toHaveValue(/^-?(2 7\/8|3|3 1\/8)$/);
  await expect
    .poll(
      async () => {
        const led = await blueOn(page);
        return led.size > 500 ? [...led].filter((at) => centred.has(at)).length / led.size : 1;
      },
      { timeout: 60_000 },
    )
    .toBeLessThan(0.25);

  // With the keyboard an eighth of an inch at a time, and what cannot be read is said at its place.
  const before = await page.getByLabel("stripe right of the middle").inputValue();
  await drawn.focus();
  await drawn.press("ArrowLeft");
  await expect(page.getByLabel("stripe right of the middle")).not.toHaveValue(before);
  await page.getByLabel("stripe right of the middle").fill("far");
  await expect(page.getByText(/Place of the print:/)).toBeVisible();
  await page.getByRole("button", { name: "Centre it" }).click();
  await expect(page.getByText(/Place of the print:/)).toHaveCount(0);
  await page.goto(`/jobs/${jobOf(page)}/cloth`);
  await expect(page.getByText(/The pattern meets at/)).toBeVisible();
});

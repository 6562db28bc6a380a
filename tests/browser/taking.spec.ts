import { expect, test } from "./house.js";
import { bench, cutList, measureField } from "./bench.js";

test("a tape types into the measure that is lit", async ({ page, context }) => {
  await bench.startNew(page);
  const tape = await context.newPage();
  await tape.goto("/tape");
  await page.bringToFront();
  await page.locator("h2").first().click();
  await tape.getByLabel("lies at").fill("21 1/4");
  await tape.getByLabel("unsteady by").fill("0");
  await tape.getByRole("button", { name: "press" }).click();
  await expect(tape.getByRole("status")).toHaveText("Read 21¼ in.");
  await expect(measureField(page, "Width")).toHaveValue("21¼ in");
  await measureField(page, "Width").press("Enter");
  await page.request.post("/api/tape/readings", { data: { device: "test", length: "48 cm", unit: "cm" } });
  await expect(measureField(page, "Depth")).toHaveValue("48 cm");
  await tape.getByLabel("lies at").fill("nowhere");
  await tape.getByRole("button", { name: "press" }).click();
  await expect(tape.getByRole("status")).toContainText("nowhere");
});

test("two readings of a measure: the larger holds, a disagreement is said, one touch keeps one of them", async ({
  page,
}) => {
  await bench.startNew(page);
  await bench.measure(page, "21", "19", "4");
  await page.locator(".reading[aria-label^=width]").click();
  await page.getByRole("button", { name: /second reading/ }).click();
  await page.getByLabel("Second reading of the width").fill("21 1/2");
  await bench.settled(page);
  expect((await cutList(page))[0]).toBe("Plate 2: 22½ × 20");
  await expect(page.getByText("Two readings of the width differ by ½ in")).toBeVisible();
  await page.getByLabel("Which of the two holds").click();
  await page.getByTitle("mean", { exact: true }).click();
  await bench.settled(page);
  expect((await cutList(page))[0]).toBe("Plate 2: 22¼ × 20");
  await page.getByRole("button", { name: "Keep 21 only" }).click();
  await bench.settled(page);
  expect((await cutList(page))[0]).toBe("Plate 2: 22 × 20");
});

test("a note and a photograph hang on a measure, also while the thing itself is still being kept", async ({
  page,
}) => {
  let takeCover = () => {};
  const kept = new Promise<void>((resolve) => (takeCover = resolve));
  await page.route("**/api/jobs/*/covers/*", async (route) => {
    await kept; // the network is slow, and only once the photograph is picked does it take the cover
    await route.fallback();
  });
  const order: string[] = [];
  page.on(
    "request",
    (asked) => asked.method() === "POST" && asked.url().includes("/photos") && order.push("photograph"),
  );
  page.on("response", (given) => given.url().includes("/covers/") && order.push("thing"));
  await bench.startNew(page);
  await bench.measure(page, "21", "19", "4");
  await page.locator(".reading[aria-label^=depth]").click();
  await page.getByRole("button", { name: "+ note" }).click();
  await page.getByLabel("Note on the depth").fill("hull leans inwards");
  await page.getByRole("button", { name: "photographs" }).click();
  const png = Buffer.from(
    "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==",
    "base64",
  );
  await page
    .getByLabel("A photograph")
    .setInputFiles({ name: "hull.png", mimeType: "image/png", buffer: png });
  takeCover();
  await expect(page.getByRole("img", { name: "hull.png" })).toBeVisible();
  expect(order[0], "a photograph goes after what it hangs on").toBe("thing");
  await page
    .getByLabel("A photograph")
    .setInputFiles({ name: "notes.png", mimeType: "image/png", buffer: Buffer.from("no picture") });
  await expect(page.getByRole("alert")).toContainText("no photograph that can be kept");
  await bench.settled(page);
  await page.reload();
  await page.locator(".reading[aria-label^=depth]").click();
  await expect(page.getByRole("button", { name: /hull leans/ })).toBeVisible();
});

test("an outline by corners, off a base line, and out of a drawing", async ({ page }) => {
  await bench.chooseThing(page, "Box cushion", "free outline");
  await expect(page.locator('[data-cell="0.0"]')).toBeFocused();
  for (const text of ["0", "0", "", "30", "0", "", "30", "20", "", "0", "20"]) {
    await page.keyboard.type(text);
    await page.keyboard.press("Enter");
  }

  await page.getByRole("tab", { name: "drawing" }).click();
  await page.getByRole("button", { name: /^thickness/ }).click();
  await page.keyboard.type("4");
  await bench.settled(page);
  expect((await cutList(page))[0]).toBe("Plate 2: 31 × 21");

  await page.getByRole("tab", { name: "outline" }).click();
  await page.getByText("off a base line").click();
  await page.locator('[data-cell="0.0"]').focus();
  for (const text of ["0", "24", "", "20", "30", "", "40", "28", ""]) {
    await page.keyboard.type(text);
    await page.keyboard.press("Enter");
  }

  await bench.settled(page);
  expect((await cutList(page))[0]).toMatch(/^Plate 2: 3\d.* × 41/);

  const drawing = `<svg xmlns="http://www.w3.org/2000/svg" width="400mm" height="300mm" viewBox="0 0 400 300">
  <path d="M0 0 H400 V300 H0 Z"/>
</svg>`;
  await page
    .getByLabel("A drawing of the outline")
    .setInputFiles({ name: "berth.svg", mimeType: "image/svg+xml", buffer: Buffer.from(drawing) });
  await expect(page.getByText("The outline was taken over.")).toBeVisible();
  await bench.settled(page);
  expect((await cutList(page))[0]).toBe("Plate 2: 16¾ × 12 13⁄16");
  await page
    .getByLabel("A drawing of the outline")
    .setInputFiles({ name: "berth.dxf", mimeType: "text/plain", buffer: Buffer.from("rubbish") });
  await expect(page.getByText("neither an SVG nor a DXF")).toBeVisible();
  await page.getByLabel("A drawing of the outline").setInputFiles({
    name: "large.svg",
    mimeType: "image/svg+xml",
    buffer: Buffer.from(`<svg width="10mm" viewBox="0 0 10 10">${"<g></g>".repeat(700_000)}</svg>`),
  });
  await expect(page.getByText("holds far more than an outline")).toBeVisible();
  expect((await cutList(page))[0]).toBe("Plate 2: 16¾ × 12 13⁄16");
});

test("trying on: one of a set is taken in, the rest stays; those cut already are left alone", async ({
  page,
}) => {
  await bench.startNew(page);
  await bench.measure(page, "21 1/4", "19", "4");
  await page.getByLabel("How many alike").fill("4");
  await page.getByRole("tab", { name: "trying on" }).click();
  await page.getByRole("checkbox", { name: "1" }).check();
  await page.getByRole("radio", { name: /^left/ }).click();
  await page.getByLabel("By how much").fill("3/8");
  await page.getByRole("button", { name: "all 3 not cut" }).click();
  await expect(page.locator(".cover-tab.current")).toContainText("3 alike");
  await bench.settled(page);
  expect((await cutList(page))[0]).toBe("Plate 6: 21⅞ × 20");
  await page.keyboard.press("Control+z");
  await bench.settled(page);
  expect((await cutList(page))[0]).toBe("Plate 8: 22¼ × 20");
});

test("the maker's own figure agrees, or its slip is named", async ({ page }) => {
  await bench.startNew(page);
  await bench.measure(page, "21 1/4", "19", "4");
  await bench.settled(page);
  await page.getByRole("button", { name: /^Plate, cut width/ }).click();
  await page.getByLabel("Your figure").fill("21 3/4");
  await expect(page.locator(".working-more .own-figure")).toContainText("counted once");
  await page.getByLabel("Your figure").fill("22 1/4");
  await expect(page.locator(".working-more .own-figure")).toContainText("It agrees.");
  await page.getByLabel("Your figure").fill("soon");
  await expect(page.locator(".working-more .own-figure")).toContainText("soon");
  await page.getByRole("button", { name: "Whole working" }).click();
  await expect(
    page.getByRole("region", { name: "The whole working" }).getByRole("listitem").first(),
  ).toBeVisible();
});

test("the cover in the hand: a touched piece is lit both ways, and the slider ends in the flat pieces", async ({
  page,
}) => {
  await page.goto("/jobs/teasel-ottoman");
  await bench.settled(page);
  await page.keyboard.press("Alt+t");
  const canvas = page.locator(".turn-view canvas");
  await expect(canvas).toHaveAttribute("data-ready", "true");
  await page.locator(".pieces li").first().hover();
  await expect(page.locator(".turn-view header [role=status]")).toHaveText("Top");
  const box = await canvas.boundingBox();
  await canvas.click({ position: { x: (box?.width ?? 0) / 2, y: (box?.height ?? 0) * 0.62 } });
  await expect(page.locator(".pieces li.lit")).toHaveCount(1);
  const picture = () => canvas.evaluate((element: HTMLCanvasElement) => element.toDataURL());
  const madeUp = await picture();
  await page.getByRole("slider", { name: "Unfold into the flat pieces" }).focus();
  await page.keyboard.press("End");
  await expect(page.getByRole("slider")).toHaveAttribute("aria-valuenow", "100");
  expect(await picture()).not.toBe(madeUp);
  await page.keyboard.press("Home");
  await canvas.focus();
  await page.keyboard.press("ArrowLeft");
  expect(await picture()).not.toBe(madeUp);
  await page.keyboard.press("Alt+m");
  await expect(measureField(page, "Width")).toBeFocused();
});

test("a screen that cannot show it turning shows the cover as drawn", async ({ page }) => {
  await page.addInitScript(() => {
    const real = HTMLCanvasElement.prototype.getContext;
    HTMLCanvasElement.prototype.getContext = function (
      this: HTMLCanvasElement,
      kind: string,
      ...rest: unknown[]
    ) {
      return kind.startsWith("webgl")
        ? null
        : (real as (...all: unknown[]) => unknown).call(this, kind, ...rest);
    } as never;
  });
  await page.goto("/jobs/teasel-ottoman");
  await bench.settled(page);
  await page.keyboard.press("Alt+t");
  await expect(page.getByText("This screen cannot show it turning")).toBeVisible();
  await expect(page.locator(".turn-view polygon").first()).toBeVisible();
  await page.keyboard.press("Escape");
  await expect(measureField(page, "Width")).toBeVisible();
});

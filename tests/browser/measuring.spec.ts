import { expect, test } from "./house.js";
import { bench, cutList, measureField } from "./bench.js";

test("a cushion is measured by keyboard alone, read off, and found again after reloading", async ({
  page,
}) => {
  await bench.startNew(page);
  await bench.measure(page, "21 1/4", "19", "4");
  await expect(page.getByLabel("How many alike")).toBeFocused();
  await bench.settled(page);
  expect(await cutList(page)).toEqual([
    "Plate 2: 22¼ × 20",
    "Zip boxing 2: 28¼ × 3¼",
    "Boxing 1 of 2 1: 2¼ × 5",
    "Boxing 2 of 2 1: 53 × 5",
  ]);
  await expect(page.getByTestId("buy")).toContainText("1");
  await expect(page.getByText("example", { exact: true })).toHaveCount(0);
  await expect(page.locator(".proof-mark")).toHaveText(/^Proved: \d+ seams meet, folded up it closes$/);

  const name = `Cabin seat ${Date.now()}`;
  await page.getByLabel("Job name").fill(name);
  await bench.settled(page);
  const address = page.url();
  await page.reload();
  await bench.settled(page);
  await expect(measureField(page, "Width")).toHaveValue("21 1/4");
  expect(await cutList(page)).toContain("Plate 2: 22¼ × 20");

  await page.getByRole("link", { name: "All jobs" }).click();
  await page.getByRole("link", { name }).click();
  await expect(page).toHaveURL(address);
});

test("the order of the measures is a hand's order, and the measure asked for is lit on the drawing", async ({
  page,
}) => {
  await bench.startNew(page);
  const lit = page.locator('.reading[aria-pressed="true"]');
  await expect(lit).toHaveAttribute("aria-label", /^width/);
  await bench.measure(page, "21");
  await expect(lit).toHaveAttribute("aria-label", /^depth/);
  await bench.measure(page, "19");
  await expect(lit).toHaveAttribute("aria-label", /^thickness/);
  await page.keyboard.press("ArrowUp");
  await expect(measureField(page, "Depth")).toBeFocused();
  await page.getByRole("button", { name: "width: 21", exact: true }).click();
  await expect(measureField(page, "Width")).toBeFocused();
});

test("text is understood as typed, in inches and centimetres", async ({ page }) => {
  await bench.startNew(page);
  await bench.measure(page, "54,5 cm", "1' 7\"", "2 x 2");
  await bench.settled(page);
  expect((await cutList(page))[0]).toBe("Plate 2: 22 7⁄16 × 20");
  await page.getByText("cm", { exact: true }).click();
  await bench.settled(page);
  await expect(page.getByText("Cut sizes in cm")).toBeVisible();
});

test("the unit is switched at any time, and no measure changes", async ({ page }) => {
  await bench.startNew(page);
  await page.getByText("inches", { exact: true }).click(); // a new job speaks the unit of the one before
  await page.locator(".measure-entry input").focus();
  await bench.measure(page, "21 1/4", "19", "4");
  await bench.settled(page);
  await page.getByText("mm", { exact: true }).click();
  await bench.settled(page);
  expect((await cutList(page))[0]).toBe("Plate 2: 564 × 507"); // 21¼ and 19 in with a metric house's seams of 12 mm
  await page.locator(".reading[aria-label^=width]").click();
  await expect(measureField(page, "Width")).toHaveValue("21 1/4 in");
  await page.getByText("inches", { exact: true }).click();
  await bench.settled(page);
  expect((await cutList(page))[0]).toBe("Plate 2: 22¼ × 20");
});

test("a wrong entry is marked where it stands, the last good drawing stays, and the text is kept as typed", async ({
  page,
}) => {
  await bench.startNew(page);
  await bench.measure(page, "21 1/4", "19", "4");
  await bench.settled(page);
  const drawing = await page.locator(".face-top").getAttribute("points");
  await page.getByRole("button", { name: "depth: 19", exact: true }).click();
  await page.keyboard.type("19 ich");
  await expect(page.getByText("“ich” is not a unit or a number")).toBeVisible();
  await expect(measureField(page, "Depth")).toHaveAttribute("aria-invalid", "true");
  await expect(page.locator(".face-top")).toHaveAttribute("points", drawing ?? "");
  await expect(page.getByRole("region", { name: "To buy" }).getByText("before the last entry")).toBeVisible();
  await bench.settled(page);

  await page.reload();
  await page.getByRole("button", { name: /^depth/ }).click();
  await expect(measureField(page, "Depth")).toHaveValue("19 ich");
  await page.getByRole("link", { name: /^Cut/ }).click();
  await page.getByRole("link", { name: "On paper" }).click();
  await expect(page.getByText("Nothing can be cut from an unfinished cover")).toBeVisible();
  await expect(page.locator(".cut-list")).toHaveCount(0);
});

test("undo goes back over measures and make-up, redo forward, and both are saved", async ({ page }) => {
  await bench.startNew(page);
  await bench.measure(page, "21 1/4", "19", "4");
  await page.getByRole("radiogroup", { name: "Piping" }).getByRole("radio", { name: /^both/ }).click();
  await bench.settled(page);
  await expect(page.locator(".pieces")).toContainText("Piping casing");
  await page.keyboard.press("Control+z");
  await expect(page.locator(".pieces")).not.toContainText("Piping casing");
  await page.keyboard.press("Control+z");
  await expect(page.getByRole("button", { name: "thickness: not taken", exact: true })).toBeVisible();
  await page.keyboard.press("Control+Shift+Z");
  await expect(page.getByRole("button", { name: "thickness: 4", exact: true })).toBeVisible();
  await bench.settled(page);
  await page.reload();
  await expect(page.getByRole("button", { name: "thickness: 4", exact: true })).toBeVisible();
});

test("a cover taken off the bench comes back with undo", async ({ page }) => {
  await page.goto("/jobs/teasel-saloon");
  await page.getByRole("button", { name: /Settee back/ }).click();
  await page.getByRole("button", { name: "Take off" }).click();
  await expect(page.getByRole("button", { name: /Settee back/ })).toHaveCount(0);
  await bench.settled(page);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByRole("button", { name: /Settee back/ })).toBeVisible();
  await bench.settled(page);
  await page.reload();
  await expect(page.getByRole("button", { name: /Settee back/ })).toBeVisible();
});

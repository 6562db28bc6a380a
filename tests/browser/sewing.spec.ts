import { expect, test } from "./house.js";
import { expectClean } from "./axe.js";

test("the order of sewing is a sheet: steps with their pieces, minutes and stop-signs, the last seam after the zip is opened", async ({
  page,
}) => {
  await page.goto("/jobs/teasel-saloon/measure");
  await page
    .getByRole("navigation", { name: "Stages of the work" })
    .getByRole("link", { name: /^Sew/ })
    .click();
  await page.getByRole("link", { name: "Order on paper" }).click();
  const cover = page.locator(".sewing-steps").first();
  await expect(cover.getByRole("heading")).toContainText("Settee seat, 3 alike");
  await expect(cover.getByRole("heading")).toContainText(/about \d+ min at the machine for each/);
  const steps = cover.getByRole("listitem");
  const texts = await steps.allInnerTexts();
  const place = (pattern: RegExp) => texts.findIndex((text) => pattern.test(text));
  expect(place(/Sew the zip between/)).toBeGreaterThan(place(/cover the cord/));
  expect(place(/top plate, notch to corner/)).toBeGreaterThan(place(/Sew the zip between/));
  expect(place(/bottom plate, notch to corner/)).toBeGreaterThan(place(/top plate, notch to corner/));
  expect(place(/Turn it right side out/)).toBeGreaterThan(place(/bottom plate, notch to corner/));
  await expect(steps.nth(place(/bottom plate, notch to corner/)).getByRole("note")).toContainText(
    "Open the closure first",
  );
  await expect(steps.nth(place(/top plate, raw edge/)).locator("svg")).toHaveCount(1);
  await expect(steps.nth(place(/top plate, raw edge/))).toContainText("A1");
  await expect(page.getByText("Not on this sheet, because unfinished: Companionway step.")).toBeVisible();
  await expectClean(page);
});

test("on a phone the sheet stands within the screen", async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto("/jobs/teasel-bolsters/sewing-sheet");
  await expect(page.locator(".sewing-steps, .sheet-warning, h1").first()).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

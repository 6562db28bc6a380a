import { expect, test } from "./house.js";
import { bench, cutList } from "./bench.js";

test("another thing is chosen, measured in its own order, and drafted", async ({ page }) => {
  await bench.startNew(page);
  await page.getByRole("button", { name: "another thing" }).click();
  await page.getByRole("button", { name: "Ottoman", exact: true }).click();
  await page.keyboard.press("Enter");
  await bench.measure(page, "28", "20", "15");
  await bench.settled(page);
  expect(await cutList(page)).toEqual([
    "Top 1: 29 × 21",
    "Wall, front and back 2: 29 × 18½",
    "Wall, left and right 2: 21 × 18½",
  ]);
  await expect(page.locator(".cushion-drawing polygon").first()).toBeVisible();
});

test("the wing armchair names its left and right blocks", async ({ page }) => {
  await page.goto("/jobs/teasel-armchair");
  await bench.settled(page);
  const list = (await cutList(page)).join("\n");
  expect(list).toContain("Inside arm, left and right 2: 29 × 21");
  expect(list).toContain("Skirt");
});

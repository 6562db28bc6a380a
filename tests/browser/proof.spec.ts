import { expect, test } from "./house.js";
import { expectClean } from "./axe.js";
import { bench } from "./bench.js";
import { leaveOpen } from "./open-cover.mjs";

const open = { gap: 3, shown: "⅛ in", moved: [0, 0, -3] };

test("the proof is opened by touch: every seam on both sides, folded up, and held against the thing", async ({
  page,
}) => {
  await page.goto("/jobs/teasel-saloon");
  await bench.settled(page);
  await page.getByRole("button", { name: /Proved: \d+ seams meet/ }).click();
  const proof = page.locator(".proof-view");
  await expect(proof).toBeVisible();
  const rows = proof.locator("table tbody tr");
  expect(await rows.count()).toBeGreaterThan(20);
  await expect(proof).toContainText("48½"); // the finished width, by the thing and by the cover
  await expectClean(page);
});

test("Alt and S open the proof and close it again", async ({ page }) => {
  await page.goto("/jobs/teasel-saloon");
  await bench.settled(page);
  await page.keyboard.press("Alt+s");
  await expect(page.locator(".proof-view")).toBeVisible();
  await page.keyboard.press("Alt+s");
  await expect(page.locator(".proof-view")).toBeHidden();
});

test("a cover that does not close is said at once, with the place that is open", async ({ page }) => {
  await leaveOpen(page, "top-front", open);
  await page.goto("/jobs/teasel-saloon");
  await bench.settled(page);
  const mark = page.locator(".proof-mark");
  await expect(mark).toContainText(/not close/i);
  await mark.click();
  const proof = page.locator(".proof-view");
  await expect(proof).toContainText("top front");
  await expect(proof).toContainText("⅛ in");
  await expectClean(page);
});

test("the maker's own figure for the cloth: that it agrees, and which slip explains it", async ({ page }) => {
  await page.goto("/jobs/teasel-duvets");
  await bench.settled(page);
  const buy = await page.locator(".buy-figure .visually-hidden").first().textContent();
  const own = page.locator(".buy-panel .own-figure");
  await own.getByLabel("I make it").fill(String(buy));
  await expect(own.getByText("It agrees.")).toBeVisible();
  await own.getByLabel("I make it").fill("0.1");
  await expect(own.getByText(/It differs by/)).toBeVisible();
  await own.getByLabel("I make it").fill("much");
  await expect(own.getByText(/Your figure:/)).toBeVisible();
});

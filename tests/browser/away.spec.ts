import { expect, test, type Page } from "./house.js";
import { bench, cutList, measureField } from "./bench.js";

const notice = (page: Page) => page.getByText("The workroom’s computer does not answer. What you typed");
const gone = (page: Page) => page.route("**/api/**", (route) => route.abort());
const back = (page: Page) => page.unroute("**/api/**");

test("the server gone: the bench keeps what is typed, says so, and works it out when it is back", async ({
  page,
}) => {
  await bench.chooseThing(page, "Ottoman");
  await bench.measure(page, "28", "20", "15");
  await bench.settled(page);
  const makeUps = page.getByRole("radiogroup", { name: "Made as" }).getByRole("radio");
  await expect(makeUps.first()).toBeVisible(); // they come after the pieces
  await gone(page);
  await page.getByRole("button", { name: "width: 28", exact: true }).click();
  await measureField(page, "Width").fill("30");
  await expect(notice(page)).toBeVisible();
  // The panels stay usable: make-ups are still there, the whole working opens, the cover is in the hand.
  await expect(makeUps.first()).toBeVisible();
  await page.keyboard.press("Alt+w");
  await expect(page.getByRole("heading", { name: /working/i }).first()).toBeVisible();
  await page.keyboard.press("Escape");
  await expect(measureField(page, "Width")).toHaveValue("30");
  await back(page);
  await expect(notice(page)).toHaveCount(0);
  await bench.settled(page);
  expect(await cutList(page)).toContainEqual(expect.stringMatching(/^Top 1: 31 × 21/));
});

test("the server gone while a cloth is tried and a sum practised: a word, and on from there", async ({
  page,
}) => {
  await page.goto("/cloth-at-hand");
  await expect(page.locator(".at-hand li").first()).toBeVisible();
  await gone(page);
  await page.getByLabel("along").fill("200");
  await expect(notice(page)).toBeVisible();
  await expect(page.locator(".at-hand li").first()).toBeVisible();
  await back(page);
  await expect(notice(page)).toHaveCount(0);
  await expect(page.getByLabel("along")).toHaveValue("200");

  await page.goto("/practice");
  await expect(page.locator(".practice h2")).toBeVisible();
  await gone(page);
  await page.getByText("mm", { exact: true }).click();
  await expect(notice(page)).toBeVisible();
  await back(page);
  await expect(page.locator(".practice h2")).toBeVisible();
  await expect(notice(page)).toHaveCount(0);
});

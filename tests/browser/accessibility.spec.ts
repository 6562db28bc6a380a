import { expect, test } from "./house.js";
import { expectClean } from "./axe.js";
import { bench } from "./bench.js";

test("the bench is accessible: with a full job, an example, and a wrong entry", async ({ page }) => {
  await page.goto("/jobs/teasel-saloon");
  await bench.settled(page);
  await expectClean(page);

  await bench.startNew(page);
  await bench.settled(page);
  await expectClean(page);

  await bench.measure(page, "21 1/4", "19 ich");
  await expect(page.getByText("is not a unit or a number")).toBeVisible();
  await expect(page.locator(".reading.wrong")).toBeVisible();
  await expectClean(page);
});

test("the list of jobs and the cutting sheet are accessible", async ({ page }) => {
  await page.goto("/");
  await expect(page.getByRole("link", { name: /Saloon settees/ })).toBeVisible();
  await expectClean(page);
  await page.goto("/jobs/teasel-saloon/cutting-sheet");
  await expect(page.getByRole("img", { name: /The lay/ }).first()).toBeVisible();
  await expectClean(page);
});

for (const [width, height] of [
  [768, 1024],
  [390, 844],
  [640, 400], // 1280 × 800 at 200 %
] as const) {
  test(`nothing runs off the side at ${width} × ${height}`, async ({ page }) => {
    await page.setViewportSize({ width, height });
    await page.goto("/jobs/teasel-saloon");
    await bench.settled(page);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width);
  });
}

test("the new ways in, the sheets, practice, the tape and the cover in the hand are accessible", async ({
  page,
}) => {
  const job = "teasel-ottoman";
  const sheet = (await (await page.request.post(`/api/jobs/${job}/sheet`)).json()) as { token: string };
  for (const [path, ready] of [
    ["/cloth-at-hand", ".at-hand li"],
    ["/practice", ".practice h2"],
    ["/tape", ".press"],
    [`/sheet/${sheet.token}`, "#figure"],
    [`/jobs/${job}/measuring-sheet`, ".paper-measure"],
  ] as const) {
    await page.goto(path);
    await expect(page.locator(ready).first()).toBeVisible();
    await expectClean(page);
  }

  await page.goto(`/jobs/${job}`);
  await bench.settled(page);
  for (const open of [
    () => page.keyboard.press("Alt+t"),
    () => page.keyboard.press("Alt+w"),
    () => page.keyboard.press("Alt+n"),
    async () => {
      await page.keyboard.press("Escape");
      await page.getByRole("tab", { name: "trying on" }).click();
    },
    () => page.getByRole("tab", { name: "obstacles" }).click(),
    () => page.getByRole("button", { name: "Sheet" }).click(),
    () => page.getByRole("button", { name: "Keys" }).click(),
  ]) {
    await open();
    await expectClean(page);
  }
});

test("under a finger every button of the bench is a fingertip high", async ({ browser, baseURL }) => {
  const context = await browser.newContext({
    viewport: { width: 768, height: 1024 },
    hasTouch: true,
    isMobile: true,
    baseURL: baseURL ?? "",
  });
  const page = await context.newPage();
  await page.goto("/jobs/teasel-ottoman");
  await bench.settled(page);
  const small = await page
    .locator("button:visible")
    .evaluateAll((buttons) =>
      buttons
        .filter((button) => button.getBoundingClientRect().height < 43.5)
        .map((button) => `${button.textContent} ${button.getBoundingClientRect().height}`),
    );
  expect(small).toEqual([]);
  await context.close();
});

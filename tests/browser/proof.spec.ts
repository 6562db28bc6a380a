import { expect, test, type Page } from "@playwright/test";
import { expectClean } from "./axe.js";
import { bench } from "./bench.js";

/** A double of the proof in which one seam of the cover lies open by 3 mm. */
async function leaveOpen(page: Page, seam: string) {
  await page.route("**/api/fold-up", async (route) => {
    const response = await route.fetch();
    const proof = (await response.json()) as {
      closes: boolean;
      gapShown: string;
      facets: { piece: string; seams: (string | null)[]; space: number[][] }[];
      open: unknown[];
      unequalSeams: string[];
      problems: string[];
    };
    const facet = proof.facets.find((one) => one.seams.includes(seam));
    if (facet) {
      const at = facet.seams.indexOf(seam);
      const one = [facet.space[at], facet.space[(at + 1) % facet.space.length]];
      const other = one.map((place) => place?.map((value, axis) => value - (axis === 2 ? 3 : 0)));
      Object.assign(proof, { closes: false, gapShown: "⅛ in", unequalSeams: [seam] });
      proof.open = [{ seam, piece: facet.piece, gap: 3, gapShown: "⅛ in", one, other }];
      proof.problems = ["Edges sewn together lie ⅛ in apart."];
    }

    await route.fulfill({ response, json: proof });
  });
}

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
  await leaveOpen(page, "top-front");
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

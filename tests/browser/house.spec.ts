import { expect, test } from "./house.js";
import { bench } from "./bench.js";

interface Refused {
  refused: string[];
}

const pages = [
  "/",
  "/jobs/teasel-saloon",
  "/jobs/teasel-guest-cabin",
  "/jobs/teasel-saloon/cutting-sheet",
  "/jobs/teasel-saloon/measuring-sheet",
  "/cloth-at-hand",
  "/practice",
  "/tape",
  "/sheet/none",
  "/nowhere/at/all",
];

test("no page asks anything of elsewhere, and none needs what the browser is told to refuse", async ({
  page,
  baseURL,
}) => {
  const asked: string[] = [];
  page.on("request", (request) => asked.push(request.url()));
  await page.addInitScript(() => {
    const kept = window as unknown as Refused;
    kept.refused = [];
    document.addEventListener("securitypolicyviolation", (event) => {
      kept.refused.push(`${event.violatedDirective} ${event.blockedURI} ${event.sourceFile}`);
    });
  });
  const house = baseURL ?? "";
  for (const path of pages) {
    await page.goto(path);
    await expect(page.locator("#root > *").first()).toBeVisible();
    await page.waitForLoadState("networkidle");
    expect(await page.evaluate(() => (window as unknown as Refused).refused), path).toEqual([]);
  }

  await page.goto("/jobs/teasel-saloon");
  await bench.settled(page);
  await page.getByRole("tab", { name: "in the hand" }).click();
  await expect(page.locator("canvas, .proof svg").first()).toBeVisible();
  await page.getByRole("button", { name: "Files", exact: true }).click();
  expect(await page.evaluate(() => (window as unknown as Refused).refused)).toEqual([]);
  expect(
    asked.filter((url) => !url.startsWith(house) && !url.startsWith("data:") && !url.startsWith("blob:")),
  ).toEqual([]);
});

test("a script or a style that came in from elsewhere is not run", async ({ page }) => {
  await page.goto("/");
  await expect(page.locator("#root > *").first()).toBeVisible();
  const ran = await page.evaluate(() => {
    const kept = window as unknown as { ran?: boolean };
    const script = document.createElement("script");
    script.textContent = "window.ran = true";
    document.body.append(script);
    const style = document.createElement("style");
    style.textContent = "body { outline: 7px solid red }";
    document.head.append(style);
    return { script: kept.ran ?? false, style: getComputedStyle(document.body).outlineWidth === "7px" };
  });
  expect(ran).toEqual({ script: false, style: false });
});

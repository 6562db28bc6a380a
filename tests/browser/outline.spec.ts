import { expect, test, type Page } from "./house.js";
import { expectClean } from "./axe.js";
import { bench } from "./bench.js";

const cell = (page: Page, at: number, column: number) => page.locator(`[data-cell="${at}.${column}"]`);

async function typeRows(page: Page, rows: string[][]) {
  await cell(page, 0, 0).focus();
  for (const text of rows.flat()) {
    await page.keyboard.type(text);
    await page.keyboard.press("Enter");
  }
}

/** Takes a handle of the plan and lets it go so many pixels away. */
async function drag(page: Page, handle: string, by: [number, number]) {
  const box = await page.locator(`[data-handle="${handle}"] .plan-dot`).boundingBox();
  expect(box, handle).not.toBeNull();
  const [x, y] = [(box?.x ?? 0) + (box?.width ?? 0) / 2, (box?.y ?? 0) + (box?.height ?? 0) / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + by[0] / 2, y + by[1] / 2);
  await page.mouse.move(x + by[0], y + by[1]);
  await page.mouse.up();
}

test("a free outline is typed beside its plan: corners are lit and dragged, an edge is bulged by its middle, a base line is drawn", async ({
  page,
}) => {
  await page.goto("/");
  await page.getByRole("button", { name: "A thing to cover" }).click();
  const card = page.locator(".thing-chooser li", {
    has: page.getByRole("button", { name: "Box cushion", exact: true }),
  });
  await card.getByRole("button", { name: "free outline" }).click();
  await expect(page.locator('.from-choices [aria-checked="true"]')).toBeFocused();
  await page.keyboard.press("Enter");
  await expect(page.getByText("The outline is drawn here")).toBeVisible();
  await typeRows(page, [
    ["0", "0", ""],
    ["30", "0", ""],
    ["30", "20", ""],
    ["0", "20", ""],
  ]);
  const plan = page.getByRole("img", { name: "The outline seen from above, front below" });
  await expect(page.locator(".plan-handle.corner")).toHaveCount(4);
  await bench.settled(page);
  await expectClean(page);

  await drag(page, "corner 3", [-40, -30]);
  await expect(page.locator('[data-handle="corner 3"]')).toHaveClass(/lit/);
  await expect(cell(page, 2, 0)).toBeFocused();
  await expect.poll(async () => lengthOf(await cell(page, 2, 0).inputValue())).toBeLessThan(29.5);
  await expect.poll(async () => lengthOf(await cell(page, 2, 1).inputValue())).toBeGreaterThan(20.5);
  await bench.settled(page);

  await drag(page, "middle 1", [0, 30]);
  await expect.poll(async () => lengthOf(await cell(page, 0, 2).inputValue())).toBeGreaterThan(0.5);
  await bench.settled(page);
  await expect(plan.locator(".plan-face")).toHaveAttribute("d", /A/);

  // What cannot be read keeps the last plan.
  const drawn = (await plan.locator(".plan-face").getAttribute("d")) ?? "";
  await cell(page, 1, 0).fill("wide");
  await expect(page.getByText(/Point 2, across/)).toBeVisible();
  await expect(plan.locator(".plan-face")).toHaveAttribute("d", drawn);
  await cell(page, 1, 0).fill("30");

  await page.getByText("off a base line").click();
  await typeRows(page, [
    ["0", "24", ""],
    ["20", "30", "4"],
    ["40", "28", ""],
  ]);
  await expect(plan.locator(".base-line")).toHaveCount(1); // upright, so it has no width a browser would call visible
  await expect(page.locator(".plan-handle.corner")).toHaveCount(6);
  await expect(page.locator(".plan-handle.middle")).toHaveCount(0);
});

/** “28 1/4” as a number. */
function lengthOf(text: string): number {
  return text
    .split(" ")
    .map((part) => part.split("/").map(Number))
    .reduce((sum, [whole = 0, divisor = 1]) => sum + whole / divisor, 0);
}

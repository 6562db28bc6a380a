import { expect, test, type Page } from "./house.js";
import { bench, jobOf, oneMoreLike } from "./bench.js";

const cloth = (page: Page) => page.getByRole("region", { name: "Cloth" });
const onRoll = (page: Page, name: string | RegExp) => cloth(page).getByRole("button", { name }).first();

/** The same with all its pieces on one cloth: bias casing among strips leaves room for a shorter lay. */
async function oneMoreLikeInOneCloth(page: Page, job: string) {
  const file = await (await page.request.get(`/api/jobs/${job}/export`)).json();
  const covers = file.covers.map((cover: object) => ({ ...cover, id: undefined, roles: undefined }));
  const made = await page.request.post("/api/jobs/import?conflict=copy", {
    data: { ...file, id: undefined, name: "Worked by hand", cloth: { ...file.cloth, others: [] }, covers },
  });
  await page.goto(`/jobs/${(await made.json()).id}/all`);
  await bench.settled(page);
}

async function drag(page: Page, piece: ReturnType<typeof onRoll>, by: { x: number; y: number }) {
  const box = (await piece.boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + by.x / 2, y + by.y / 2);
  await page.mouse.move(x + by.x, y + by.y);
  await page.mouse.up();
}

test("a piece put down by hand stays there, the others go round it, and undo takes the pin out", async ({
  page,
}) => {
  await oneMoreLike(page, "Dining chairs");
  const first = cloth(page).locator(".roll-row g.laid").first();
  const name = (await first.getAttribute("aria-label"))!;
  const piece = onRoll(page, new RegExp(`^${name}`));
  const before = (await piece.boundingBox())!;
  await drag(page, piece, { x: 120, y: 0 });
  await expect(piece).toHaveAttribute("aria-pressed", "true");
  await bench.settled(page);
  const after = (await piece.boundingBox())!;
  expect(after.x).toBeGreaterThan(before.x + 60);
  await expect(cloth(page).getByText("Take its pin out")).toBeVisible();

  await page.reload();
  await bench.settled(page);
  await expect(onRoll(page, `${name}, pinned`)).toBeVisible();

  // By keyboard: further along, turned, and let go again.
  await onRoll(page, `${name}, pinned`).focus();
  const along = await cloth(page).locator(".roll-hand-place").textContent();
  await page.keyboard.press("Shift+ArrowRight");
  await expect(cloth(page).locator(".roll-hand-place")).not.toHaveText(along!);
  await page.keyboard.press("p");
  await expect(cloth(page).locator("g.laid.pinned")).toHaveCount(0);
  await page.keyboard.press("PageDown");
  await expect(cloth(page).locator("g.laid:focus")).not.toHaveAttribute("aria-label", name);
  await expect(cloth(page).locator('g.laid[tabindex="0"]')).toHaveCount(1);
  await page.keyboard.press("Control+z");
  await page.keyboard.press("Control+z");
  await expect(cloth(page).locator("g.laid.pinned")).toHaveCount(1);
});

test("a flaw is kept clear, a remnant takes pieces, the fold doubles, and each is said on its button", async ({
  page,
}) => {
  await oneMoreLike(page, "Dining chairs");
  const pieces = cloth(page).locator(".roll-row g.laid");
  await expect(pieces).toHaveCount(12);
  await cloth(page).getByRole("button", { name: "flaws" }).click();
  await page.getByLabel("from of flaw 1").fill("10");
  await expect(cloth(page).getByText(/Flaw 1 is not kept clear yet/)).toBeVisible();
  await page.getByLabel("to of flaw 1").fill("20");
  await expect(cloth(page).locator("rect.flaw")).toBeVisible();
  await bench.settled(page);
  await expect(cloth(page).getByRole("button", { name: "flaws · 1" })).toBeVisible();
  await expect(async () => {
    // A drawn line is a few pixels thick, with its corners.
    const flaw = (await cloth(page).locator("rect.flaw").boundingBox())!;
    for (const piece of await cloth(page).locator("g.laid polygon").all()) {
      const box = (await piece.boundingBox())!;
      expect(box.x + box.width <= flaw.x + 5 || box.x >= flaw.x + flaw.width - 5).toBe(true);
    }
  }).toPass();

  await cloth(page).getByRole("button", { name: "remnants" }).click();
  await page.getByLabel("across of remnant 1").fill("53");
  await page.getByLabel("along of remnant 1").fill("30");
  await expect(page.getByRole("list", { name: "On remnants" })).toContainText(/\d+ pieces?/);
  await expect(async () => expect(await pieces.count()).toBeLessThan(12)).toPass();

  await cloth(page).getByRole("button", { name: "laying" }).click();
  await page.getByRole("dialog").getByText("on the fold", { exact: true }).first().click();
  await expect(cloth(page).locator("line.fold-line").first()).toBeAttached();
  await expect(cloth(page).getByText(/remnants stay on the shelf/)).toBeVisible();
});

test("a lay is looked for longer, stopped, and what was found is kept", async ({ page }) => {
  await oneMoreLikeInOneCloth(page, "teasel-saloon");
  const panel = page.getByRole("region", { name: "To buy" });
  await panel.getByRole("button", { name: "Look longer" }).click();
  await expect(panel.getByRole("button", { name: "Stop and keep it" })).toBeVisible();
  const saved = page.waitForRequest(
    (request) => request.method() === "PUT" && /\/cloths\/[^/]+$/.test(request.url()),
  );
  await panel.getByRole("button", { name: "Stop and keep it" }).click();
  expect((await saved).postDataJSON().kept.length).toBeGreaterThan(60);
  await bench.settled(page);
  await expect(panel.getByRole("button", { name: "Look longer" })).toBeVisible();
});

test("the roll shows the whole job or this cover alone, and the figure says which", async ({ page }) => {
  await page.goto("/jobs/teasel-saloon");
  await bench.settled(page);
  const pieces = cloth(page).locator(".roll-row g.laid");
  const all = await pieces.count();
  await cloth(page).getByText("this cover", { exact: true }).click();
  await expect(page.getByText("To buy for this cover alone")).toBeVisible();
  await expect(async () => expect(await pieces.count()).toBeLessThan(all)).toPass();
  await cloth(page).getByText("whole job", { exact: true }).click();
  await expect(async () => expect(await pieces.count()).toBe(all)).toPass();
});

test("a pattern’s cost in cloth is said, and a half drop asks for both repeats", async ({ page }) => {
  await oneMoreLike(page, "Dining chairs");
  await cloth(page).getByRole("button", { name: "pattern" }).click();
  await page.getByRole("dialog").getByText("half drop", { exact: true }).click();
  await expect(cloth(page).getByText(/A half drop needs the repeat along and across/)).toBeVisible();
  await page.getByLabel("repeat down the roll").fill("25");
  await page.getByLabel("repeat across").fill("13 1/2");
  await expect(cloth(page).getByText(/A half drop needs/)).toHaveCount(0);
  await bench.settled(page);
  await expect(page.getByText(/Meeting the pattern costs/)).toBeVisible();
  await expect(cloth(page).getByRole("button", { name: "pattern 25 × 13 1/2, half drop" })).toBeVisible();
});

test("what is left of a job goes on the house’s shelf and is taken for another", async ({ page }) => {
  await oneMoreLike(page, "Dining chairs");
  await page.goto(`/jobs/${jobOf(page)}/cutting-sheet`);
  await expect(page.getByRole("heading", { name: /Order of cuts/ })).toBeVisible();
  await expect(page.locator(".cut-order li").first()).toContainText(/across/);
  await page.getByRole("button", { name: /on the house’s shelf/ }).click();
  await expect(page.getByText("On the house’s shelf.")).toBeVisible();

  await oneMoreLike(page, "Bolsters");
  await cloth(page).getByRole("button", { name: "remnants" }).click();
  const shelf = page.getByRole("list", { name: "On the house’s shelf" });
  await shelf.getByRole("button", { name: /^Take/ }).first().click();
  await expect(page.getByLabel("along of remnant 1")).not.toHaveValue("");
  await expect(cloth(page).getByRole("button", { name: "remnants · 1" })).toBeVisible();
});

test("only the widths a cloth is sold in are compared, each at its own price; taking one takes its price along", async ({
  page,
}) => {
  await oneMoreLike(page, "Dining chairs");
  await page.goto(`/jobs/${jobOf(page)}/cloth`);
  await bench.settled(page);
  const widths = page.locator(".widths tr");
  await expect(widths).toHaveCount(6);
  await expect(page.getByText(/Usual widths. Under “sold in”/)).toBeVisible();
  await page.getByLabel("price a yard").fill("18.50");
  await cloth(page).getByRole("button", { name: "sold in" }).click();
  await page.getByLabel("wide of width 1").fill("60");
  await page.getByLabel("price of width 1").fill("dear");
  await expect(cloth(page).getByText(/“dear” is no price/)).toBeVisible();
  await page.getByLabel("price of width 1").fill("24");
  await page.getByRole("button", { name: "+ width" }).click();
  await page.getByLabel("wide of width 2").fill("280 cm");
  await expect(widths).toHaveCount(3);
  await expect(page.locator(".width-plot")).toBeVisible();
  const row = (name: string) => widths.filter({ hasText: name });
  await expect(row("54 in")).toContainText(/\d\.\d\d/);
  await expect(row("60 in")).toContainText(/\d\.\d\d/);
  await expect(row("280 cm")).not.toContainText(/\d\.\d\d/); // no price, no money
  await expect(widths.filter({ hasText: "least money" })).toHaveCount(1);

  await row("60 in").getByRole("button").click();
  await expect(page.getByLabel("price a yard")).toHaveValue("24");
  await expect(row("54 in")).toContainText(/\d\.\d\d/); // what it costs so wide is not forgotten
});

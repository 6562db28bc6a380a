import { expect, test } from "./house.js";
import { bench, cutList, measureField } from "./bench.js";

test("a cloth I have: the largest of each thing, and a job begun with one", async ({ page }) => {
  await page.goto("/cloth-at-hand");
  await page.getByLabel("across").fill("40");
  await page.getByLabel("along").fill("36");
  await expect(page.getByText(/^\d+ ways to use it\.$/)).toBeVisible();
  await page.getByRole("button", { name: "Pillowcase" }).click();
  const cards = page.locator(".at-hand li");
  await expect(cards.first()).toContainText("Pillowcase");
  await page.getByLabel("across").fill("fourty");
  await expect(page.getByText(/is not a unit or a number/)).toBeVisible();
  await page.getByLabel("across").fill("40");
  await page.getByRole("button", { name: "Pillowcase" }).click();
  await cards.first().getByRole("button", { name: "Begin with this" }).click();
  await bench.settled(page);
  await expect(page.getByText("40 in usable")).toBeVisible();
  expect((await cutList(page)).length).toBeGreaterThan(0);
});

test("a sheet I have: its hems are cut off first, and a job begins with it by the piece", async ({
  page,
}) => {
  await page.goto("/cloth-at-hand");
  await page.getByText("a sheet or towel").click();
  await page.getByLabel("across").fill("42");
  await page.getByLabel("along").fill("38");
  await page.getByLabel("hem at each edge").fill("0");
  await page.getByRole("button", { name: "Pillowcase" }).click();
  const begin = page.locator(".at-hand li").first().getByRole("button", { name: "Begin with this" });
  await expect(begin).toBeEnabled();

  // What was found for the cloth typed before is not begun with.
  let letAnswer = () => {};
  const answers = new Promise<void>((resolve) => (letAnswer = resolve));
  await page.route("**/api/cloth-at-hand", async (route) => {
    await answers;
    await route.continue();
  });
  await page.getByLabel("hem at each edge").fill("1");
  await expect(begin).toBeDisabled();
  await expect(page.getByText("Trying every thing on it…")).toBeVisible();
  letAnswer();
  await begin.click();
  await bench.settled(page);
  await expect(page.getByText("40 in usable")).toBeVisible();
  await expect(page.getByRole("button", { name: "ready made, 38 long" })).toBeVisible();
  await expect(page.getByTestId("buy").first()).toContainText("1 piece");
});

test("two towels I have: faces joined from two strips, hems kept, and a job begins with its strips", async ({
  page,
}) => {
  await page.goto("/cloth-at-hand");
  await page.getByText("a sheet or towel").click();
  await page.getByLabel("across").fill("27");
  await page.getByLabel("along").fill("50");
  await page.getByLabel("how many of it").fill("0");
  await expect(page.getByText(/a whole number from 1 to 24/)).toBeVisible();
  await page.getByLabel("how many of it").fill("4");
  await page.getByText("hems kept").click();
  await page.getByText("faces joined from 2").click();
  await expect(page.getByText(/^\d+ ways to use it\.$/)).toBeVisible();
  await page.getByRole("button", { name: "Pillowcase" }).click();
  await page.locator(".at-hand li").first().getByRole("button", { name: "Begin with this" }).click();
  await bench.settled(page);
  expect((await cutList(page)).filter((piece) => /strip 1/.test(piece)).length).toBeGreaterThan(0);
  await expect(page.getByTestId("buy").first()).toContainText(/[1-4] pieces/);
});

test("an old job again: found on the shelf, one more like it", async ({ page }) => {
  await page.goto("/");
  await page.getByLabel("Find a job").fill("bolster guest");
  await expect(page.locator(".job-list li")).toHaveCount(1);
  await page.getByRole("button", { name: /One more like Bolsters/ }).click();
  await bench.settled(page);
  await expect(page.getByLabel("Job name")).toHaveValue("Bolsters, one more");
  expect((await cutList(page)).length).toBeGreaterThan(0);
});

test("things are walked with the arrows, and Escape leaves the bench as it was", async ({ page }) => {
  await page.goto("/jobs/teasel-ottoman");
  await bench.settled(page);
  await page.keyboard.press("Alt+n");
  await expect(page.getByRole("button", { name: "Box cushion", exact: true })).toBeFocused();
  await page.keyboard.press("ArrowRight");
  await expect(page.getByRole("button", { name: "Seat pad", exact: true })).toBeFocused();
  await page.keyboard.press("ArrowDown");
  await page.keyboard.press("ArrowUp");
  await expect(page.getByRole("button", { name: "Seat pad", exact: true })).toBeFocused();
  await page.keyboard.press("Escape");
  await expect(measureField(page, "Width")).toBeVisible();
});

test("the ways to make it stand side by side, and a touch chooses", async ({ page }) => {
  await bench.startNew(page);
  await bench.measure(page, "21 1/4", "19", "4");
  await bench.settled(page);
  const cards = page.getByRole("radiogroup", { name: "Made as" });
  await expect(cards.getByRole("radio", { name: /^Boxing strip advised/ })).toHaveAttribute(
    "aria-checked",
    "true",
  );
  await expect(cards.getByRole("radio", { name: /^Boxing strip/ })).toContainText(/yd · \d+ ft seam · about/);
  await expect(cards.getByRole("radio")).toHaveCount(6);
  await page.getByRole("button", { name: "More about Envelope" }).click();
  await expect(cards).toContainText("off in a moment");
  await bench.makeAs(page, /^Envelope/);
  await bench.settled(page);
  expect(await cutList(page)).toEqual([expect.stringMatching(/^Panel 2/)]);
  await expect(cards.getByRole("radio", { name: /^Envelope/ })).toHaveAttribute("aria-checked", "true");
});

test("keys: a question mark lays them on the bench, and they lead to every part", async ({ page }) => {
  await page.goto("/jobs/teasel-ottoman");
  await bench.settled(page);
  await page.locator("h2").first().click();
  await page.keyboard.press("?");
  await expect(page.getByRole("complementary", { name: "Keys" })).toContainText("Ctrl+Z");
  await page.keyboard.press("Escape");
  await expect(page.getByRole("complementary", { name: "Keys" })).toHaveCount(0);
  await page.keyboard.press("Alt+p");
  await expect(page.locator("#pieces :focus")).toHaveCount(1);
  await page.keyboard.press("Alt+m");
  await expect(measureField(page, "Width")).toBeFocused();
  await page.keyboard.press("Alt+w");
  await expect(page.getByRole("region", { name: "The whole working" })).toContainText("Top, cut width");
  await page.keyboard.press("Escape");
  await expect(measureField(page, "Width")).toBeVisible();
});

test("practice: a right figure, a slip that is named, and a ticket", async ({ page }) => {
  const task = async (seed: number) =>
    (await (await page.request.get(`/api/practice?seed=${seed}&unit=in`)).json()) as {
      asked: string | null;
      ticket: { for: string }[];
    };
  await page.goto("/practice");
  await expect(page.locator(".practice h2")).toBeVisible();
  let sizes = 0;
  for (let seed = 1; seed < 30 && sizes < 2; seed++) {
    const { asked, ticket } = await task(seed);
    expect(asked === null ? ticket.length : 1).toBeGreaterThan(0);
    sizes += asked === null ? 0 : 1;
  }

  for (let round = 0; round < 4; round++) {
    const field = page.locator("#answer");
    await expect(page.locator(".practice-ask button").first()).toBeVisible();
    if (await field.isVisible()) {
      await field.fill("nonsense");
      await page.keyboard.press("Enter");
      await expect(page.getByRole("alert")).toBeVisible();
      await field.fill("1000");
      await page.keyboard.press("Enter");
    } else {
      await page.locator(".practice-ask button").first().click();
    }

    await expect(page.locator(".verdict")).toContainText("=");
    await page.getByRole("button", { name: "Another" }).click();
  }

  await expect(page.getByText(/of 4 right/)).toBeVisible();
});

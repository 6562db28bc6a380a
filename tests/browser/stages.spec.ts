import { expect, test, type Page } from "./house.js";
import { expectClean } from "./axe.js";
import { bench, cutList, measureField } from "./bench.js";

const stages = ["Measure", "Make-up", "Pieces", "Cloth"] as const;
const sizes = [
  { width: 1280, height: 800 },
  { width: 768, height: 1024 },
  { width: 390, height: 844 },
];

const stage = (page: Page, name: string) =>
  page
    .getByRole("navigation", { name: "Stages of the work" })
    .getByRole("link", { name: new RegExp(`^${name}`) });

const opened = (page: Page, word: string) =>
  expect(page.locator(`.board[data-stage="${word}"]`)).toBeVisible();

/** What is cut off, scrolls within a panel, or makes the page wider than the screen. */
const hidden = (page: Page) =>
  page.evaluate(() => {
    const found: string[] = [];
    const drawn = ".visually-hidden, .ant-select, svg, canvas, input";
    for (const element of document.querySelectorAll<HTMLElement>(".bench, .bench *")) {
      const { overflowX, overflowY } = getComputedStyle(element);
      const [below, beside] = [
        element.scrollHeight - element.clientHeight,
        element.scrollWidth - element.clientWidth,
      ];
      if (element.closest(drawn) || element.clientHeight === 0) {
        continue;
      }

      if (overflowY !== "visible" && below > 2) {
        found.push(`${element.className} hides ${below} px below`);
      }

      if (overflowX !== "visible" && beside > 2 && !element.matches(".tape-edge")) {
        found.push(`${element.className} hides ${beside} px beside`);
      }
    }

    const { scrollWidth, scrollHeight } = document.documentElement;
    if (scrollWidth > window.innerWidth) {
      found.push(`the page is ${scrollWidth} px wide`);
    }

    // On a phone the stages stand one under another, and one scrolls.
    if (window.innerWidth > 640 && scrollHeight > window.innerHeight) {
      found.push(`the page is ${scrollHeight} px long`);
    }

    return found;
  });

/** Panels whose content lies over another when all stand together. */
const panelsOver = (page: Page) =>
  page.locator(".board").evaluate((board) =>
    [...board.children]
      .filter((panel) => getComputedStyle(panel).overflowY === "visible")
      .map((panel) => [panel.className, panel.scrollHeight - panel.clientHeight] as const)
      .filter(([, over]) => over > 2)
      .map(([name, over]) => `${name} runs ${over} px out of its panel`),
  );

/** What speaks against the drawing of a measure: too little room, a dimension off it, two readings over one another. */
async function drawingOff(page: Page): Promise<string[]> {
  const drawing = page.getByRole("tab", { name: /^(drawing|its parts)$/ });
  await drawing.click();
  const space = await page.locator(".cushion-drawing, .parts-net").boundingBox();
  const found = space && space.width > 600 && space.height > 400 ? [] : ["the drawing has no room"];
  const boxes = await page.locator(".cushion-drawing .reading, .cushion-drawing .tape").evaluateAll((all) =>
    all.map((one) => {
      const { x, y, right, bottom } = one.getBoundingClientRect();
      return { x, y, right, bottom, isReading: one.matches(".reading") };
    }),
  );
  for (const [i, box] of boxes.entries()) {
    const isInside =
      box.x >= (space?.x ?? 0) - 1 &&
      box.y >= (space?.y ?? 0) - 1 &&
      box.right <= (space?.x ?? 0) + (space?.width ?? 0) + 1 &&
      box.bottom <= (space?.y ?? 0) + (space?.height ?? 0) + 1;
    if (!isInside) {
      found.push(`${JSON.stringify(box)} is not within the drawing`);
    }

    const over = boxes.filter(
      (other, k) =>
        k > i &&
        other.isReading &&
        box.isReading &&
        other.x < box.right - 1 &&
        box.x < other.right - 1 &&
        other.y < box.bottom - 1 &&
        box.y < other.bottom - 1,
    );
    found.push(...over.map((other) => `readings over one another: ${JSON.stringify([box, other])}`));
  }

  return found;
}

// Each job is opened once for all that is looked at on it: opening is most of what these take.
test("every demo job at every stage and size: nothing is cut off or covered, and it has its drawing, cut list and what to buy", async ({
  page,
}) => {
  test.setTimeout(900_000);
  const jobs = (await (await page.request.get("/api/jobs?limit=500")).json()) as { id: string }[];
  const demo = jobs.filter((job) => job.id.startsWith("teasel-"));
  expect(demo.length).toBeGreaterThanOrEqual(15);
  const problems: string[] = [];
  for (const job of demo) {
    // Every other job is opened on a tablet: what is right after a new size need not be so from the start.
    await page.setViewportSize(sizes[demo.indexOf(job) % 2] ?? { width: 1280, height: 800 });
    await page.goto(`/jobs/${job.id}/measure`);
    await bench.settled(page);
    for (const name of stages) {
      await stage(page, name).click();
      await expect(stage(page, name)).toHaveAttribute("aria-current", "step");
      await expect(page.locator('.board[data-compared="true"]')).toBeVisible();
      for (const size of sizes) {
        await page.setViewportSize(size);
        await expect
          .poll(() => hidden(page), { timeout: 60_000 })
          .toEqual([])
          .catch(async () =>
            problems.push(`${job.id}, ${name}, ${size.width}: ${(await hidden(page)).join("; ")}`),
          );
      }

      await page.setViewportSize(sizes[demo.indexOf(job) % 2] ?? { width: 1280, height: 800 });
    }

    await page.setViewportSize({ width: 1280, height: 800 });
    await stage(page, "Measure").click();
    await opened(page, "measure");
    problems.push(...(await drawingOff(page)).map((problem) => `${job.id}: ${problem}`));
    await stage(page, "All of it").click();
    await opened(page, "all");
    await bench.settled(page);
    await expect
      .poll(() => panelsOver(page), { timeout: 60_000 })
      .toEqual([])
      .catch(async () => problems.push(`${job.id}: ${(await panelsOver(page)).join("; ")}`));
    expect((await cutList(page)).length, job.id).toBeGreaterThan(0);
    await expect(page.locator(".buy-panel, .to-buy").first(), job.id).toContainText(/yd|m/);
  }

  expect(problems).toEqual([]);
});

test("each stage is accessible, on a wide screen and on a phone", async ({ page }) => {
  for (const size of [sizes[0], sizes[2]]) {
    await page.setViewportSize(size ?? { width: 1280, height: 800 });
    for (const word of ["measure", "make-up", "pieces", "cloth"]) {
      await page.goto(`/jobs/teasel-saloon/${word}`);
      await bench.settled(page);
      await expectClean(page);
    }
  }
});

test("a stage is in the address, Back goes stage by stage, and a job opens where it was left", async ({
  page,
}) => {
  await page.goto("/jobs/teasel-ottoman");
  await opened(page, "all"); // everything is measured
  await stage(page, "Cloth").click();
  await opened(page, "cloth");
  await expect(page).toHaveURL(/\/jobs\/teasel-ottoman\/cloth$/);
  await page.keyboard.press("Alt+k");
  await opened(page, "make-up");
  await expect(page.getByRole("region", { name: "Make-up" }).getByRole("button").first()).toBeFocused();
  await page.goBack();
  await opened(page, "cloth");
  await page
    .getByRole("group", { name: "The other stages" })
    .getByRole("link", { name: /^Pieces/ })
    .click();
  await opened(page, "pieces");
  await page.goto("/");
  await page.goto("/jobs/teasel-ottoman");
  await opened(page, "pieces");
  await page.goto("/jobs/teasel-ottoman/nonsense");
  await opened(page, "pieces");
  await stage(page, "All of it").click();
  await opened(page, "all");
});

test("a new job begins with measuring: a figure typed at once begins the first measure, and after the last comes the make-up", async ({
  page,
}) => {
  await page.goto("/");
  await page.getByRole("button", { name: "A thing to cover" }).click();
  await page.getByRole("button", { name: "Box cushion", exact: true }).click();
  await opened(page, "measure");
  await expect(page.locator('.from-choices [aria-checked="true"]')).toBeFocused();
  await page.keyboard.type("21 1/4");
  await expect(measureField(page, "Width")).toHaveValue("21 1/4");
  await page.keyboard.press("Enter");
  await bench.measure(page, "19", "4");
  await opened(page, "make-up");
  await expect(page.getByLabel("How many alike")).toBeFocused();
  await expect(page.getByTestId("buy")).toBeVisible();
});

test("what the tape lies on is asked as fits the thing, and not where there is one answer", async ({
  page,
}) => {
  const choose = async (thing: string) => {
    await page.goto("/");
    await page.getByRole("button", { name: "A thing to cover" }).click();
    await page
      .locator(".thing-chooser li", { has: page.getByRole("button", { name: thing, exact: true }) })
      .locator(".thing-take")
      .click();
  };
  await choose("Table");
  await expect(page.locator(".from-choices button")).toHaveText([
    "the table itself",
    "its padding",
    "an old cover",
  ]);
  await choose("Fitted sheet");
  await expect(page.getByRole("radio", { name: "the mattress itself" })).toBeVisible();
  await choose("Throw-over");
  await expect(measureField(page, "Seat, width")).toBeFocused();
  await expect(page.locator(".from-choices")).toHaveCount(0);
});

test("what matters turns the advice, each way says why, and it is kept with the cover", async ({ page }) => {
  await bench.startNew(page);
  await bench.measure(page, "48", "21", "4");
  await bench.settled(page);
  await stage(page, "Make-up").click();
  const ways = page.getByRole("radiogroup", { name: "Made as" });
  const advised = ways.getByRole("radio").filter({ hasText: "advised" });
  await expect(advised).toHaveText(/Boxing strip/);
  await page.getByRole("button", { name: "washed often" }).click();
  await page.getByRole("button", { name: "first one I make" }).click();
  await expect(advised).toHaveText(/Wrap, corners folded after/);
  await expect(ways.getByText("corners are set on the filling: it corrects itself").first()).toBeVisible();
  await expect(ways.getByText("cut once and for all before it is tried")).toBeVisible();
  await page.getByRole("button", { name: "both sides up" }).click();
  await expect(page.getByRole("button", { name: "outdoors" })).toBeDisabled();
  await bench.settled(page);
  await page.reload();
  await expect(page.getByRole("button", { name: "washed often" })).toHaveAttribute("aria-pressed", "true");
  await page.getByRole("button", { name: "washed often" }).click();
  await expect(page.getByRole("button", { name: "outdoors" })).toBeEnabled();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByRole("button", { name: "outdoors" })).toBeDisabled();
});

test("a word of the trade says at the word what it means, and goes when one types", async ({ page }) => {
  await page.goto("/jobs/teasel-saloon/cloth");
  await bench.settled(page);
  const selvage = page.locator(".cloth-fields .term", { hasText: "selvage" });
  await selvage.click();
  await expect(page.getByRole("tooltip")).toHaveText("selvage: the woven edge of a cloth, which is cut off");
  await page.keyboard.press("Escape");
  await expect(page.getByRole("tooltip")).toHaveCount(0);
});

test("one looks nearer at the roll, and the map shows where one is", async ({ page }) => {
  await page.goto("/jobs/teasel-saloon/cloth");
  await bench.settled(page);
  const roll = page.locator(".roll-drawing");
  const whole = await roll.evaluate((element) => element.scrollWidth);
  await expect(page.locator(".roll-map")).toHaveCount(0);
  await page.getByRole("button", { name: "Look nearer" }).click();
  await page.getByRole("button", { name: "Look nearer" }).click();
  expect(await roll.evaluate((element) => element.scrollWidth)).toBeGreaterThan(whole * 1.8);
  const map = page.locator(".roll-map");
  const box = (await map.boundingBox())!;
  await page.mouse.click(box.x + box.width * 0.9, box.y + 4);
  await expect.poll(() => roll.evaluate((element) => element.scrollLeft)).toBeGreaterThan(whole * 0.5);
  const middleOfFrame = async () => {
    const frame = (await page.locator(".roll-frame").boundingBox())!;
    return frame.x + frame.width / 2;
  };
  await expect.poll(middleOfFrame, "the map follows the roll").toBeGreaterThan(box.x + box.width * 0.5);
  await page.getByRole("button", { name: "The whole roll" }).click();
  await expect(map).toHaveCount(0);
});

import type { APIRequestContext } from "@playwright/test";
import { expect, test } from "./house.js";
import { expectClean } from "./axe.js";

interface Cards {
  cards: { id: string; kind: string }[];
}
interface Cutting {
  cloths: {
    key: string;
    cards: {
      piece: string;
      quantity: number;
      outline: number[][];
      size: { width: number; length: number; edges: unknown[] };
      copies: { copy: number }[];
    }[];
  }[];
}

const entry = (kind: string, number: number, subject: string, rest: object = {}) => ({
  id: crypto.randomUUID(),
  kind,
  cover: "back",
  number,
  subject,
  at: "2026-03-14T09:26:00Z",
  by: "",
  ...rest,
});

/** Three chair backs: two of them cut, the first sewn up to its try-on. */
async function threeBacks(request: APIRequestContext): Promise<string> {
  const made = await request.post("/api/jobs/import", {
    data: {
      format: 2,
      name: "Three backs",
      unit: "in",
      cloth: { name: "Ticking", width: "54" },
      covers: [
        {
          id: "back",
          name: "Chair back",
          form: "chair-back",
          measures: { shape: "square", width: "18 1/2", thickness: "2 1/4", height: "21" },
          count: "3",
        },
      ],
    },
  });
  const job = ((await made.json()) as { id: string }).id;
  const cutting = (await (await request.get(`/api/jobs/${job}/cutting`)).json()) as Cutting;
  const cut = cutting.cloths.flatMap((cloth) =>
    cloth.cards.flatMap(({ piece, quantity, outline, size, copies }) =>
      copies
        .filter(({ copy }) => copy <= (quantity / 3) * 2)
        .map(({ copy }) => entry("cut", copy, piece, { cut: { cloth: cloth.key, outline, ...size } })),
    ),
  );
  const { cards } = (await (await request.get(`/api/jobs/${job}/covers/back/sewing-cards`)).json()) as Cards;
  const sewn = cards
    .slice(
      0,
      cards.findIndex(({ kind }) => kind === "try-on"),
    )
    .map(({ id }) => entry("sewn", 1, id));
  const told = await request.post(`/api/jobs/${job}/work`, { data: { entries: [...cut, ...sewn] } });
  expect(told.ok()).toBe(true);
  return job;
}

test("one correction at the try-on is carried to the rest of the set: unpicked, sewn further in, cut smaller", async ({
  page,
  context,
}) => {
  const job = await threeBacks(page.request);
  await page.goto(`/jobs/${job}/sewing/back/1`);
  await expect(page.locator(".sew-text")).toContainText("Try it on");
  await page.getByRole("link", { name: "It does not sit: say where" }).click();

  // The seam is touched on the cover itself, and taken in three eighths on each layer.
  await expect(page.getByText("Where does it not sit?")).toBeVisible();
  await expectClean(page);
  const seams = page.locator(".tried-touch");
  await expect(seams.first()).toBeAttached();
  const right = page.getByRole("radio", { name: /^right/ });
  const box = (await page.locator(".tried svg").boundingBox())!;
  const places = await seams.evaluateAll((all) => all.map((one) => one.getAttribute("points") ?? ""));
  const middles = places.map((points) => {
    const [from, to] = points.split(" ").map((point) => point.split(",").map(Number));
    return [((from?.[0] ?? 0) + (to?.[0] ?? 0)) / 2, ((from?.[1] ?? 0) + (to?.[1] ?? 0)) / 2] as const;
  });
  const [x, y] = middles.reduce((far, at) => (at[0] > far[0] ? at : far));
  await page.mouse.click(box.x + x, box.y + y);
  await expect(right).toHaveAttribute("aria-checked", "true");
  for (let i = 0; i < 3; i++) {
    await page.getByRole("button", { name: "In 1⁄8 in" }).click();
  }

  const comesTo = page.getByRole("region", { name: "What it comes to" });
  await expect(comesTo).toContainText("Sew it anew ⅞ in from the raw edge.");
  await expect(comesTo).toContainText("3: not cut yet; all of it is cut as corrected.");
  await expect(comesTo).toContainText(/2: \d+ seams sewn elsewhere, as its cards say\./);
  await page.getByRole("button", { name: "Keep, and correct the rest" }).click();
  await expect(comesTo).toContainText("Kept, and in the record.");
  await expect(comesTo).toContainText("Right taken in ⅜ in, for all of the set.");
  await page.reload();
  await expect(comesTo).toContainText("Right taken in ⅜ in, for all of the set.");

  // The first one's cards begin with what is unpicked; the second's are sewn further in.
  await page.goto(`/jobs/${job}/sewing/back/1`);
  await expect(page.locator(".sew-changed").first()).toContainText("Unpick right");
  await expect(page.locator(".sew-figure strong")).toContainText("⅞");
  await page.getByRole("button", { name: "Sewn, next" }).click();
  const second = await context.newPage();
  await second.goto(`/jobs/${job}/sewing/back/2`);
  await second.getByRole("button", { name: "Marked, next" }).click();
  await expect(second.locator(".sew-hint").first()).toContainText("Since the try-on, right: ⅞ in");
  await expect(second.locator(".sew-changed")).toHaveCount(0);

  // The third is cut smaller, and the table has no trouble with what is cut.
  const cutting = (await (await page.request.get(`/api/jobs/${job}/cutting`)).json()) as Cutting & {
    cloths: { trouble: unknown[] }[];
  };
  expect(cutting.cloths[0]?.trouble).toEqual([]);
  expect(cutting.cloths[0]?.cards[0]?.size.width).toBeCloseTo(22.125 * 25.4, 3);
});

test("a finding on one only leaves the set, and on a phone all can be reached", async ({ page }) => {
  const job = await threeBacks(page.request);
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`/jobs/${job}/trying-on/back/1`);
  await page.getByRole("radio", { name: "upper edge" }).click();
  await page.getByRole("button", { name: "Out 1⁄8 in" }).click();
  await page.getByRole("button", { name: "Out 1⁄8 in" }).click();
  await page.getByRole("button", { name: "Out 1⁄16 in" }).click();
  const comesTo = page.getByRole("region", { name: "What it comes to" });
  await expect(comesTo).toContainText("Let it out by ¼ in at most");
  await page.getByRole("button", { name: "In 1⁄16 in" }).click();
  await expect(comesTo).not.toContainText("at most");
  await page.getByRole("radio", { name: "This one only" }).click();
  await page.getByRole("button", { name: "Keep", exact: true }).click();
  await expect(comesTo).toContainText("Upper edge let out ¼ in, on this one only.");
  const stored = (await (await page.request.get(`/api/jobs/${job}`)).json()) as {
    covers: { cover: { options?: object } }[];
  };
  expect(stored.covers[0]?.cover.options ?? {}).not.toHaveProperty("corrections");
  const wide = await page.evaluate(() => document.documentElement.scrollWidth);
  expect(wide).toBeLessThanOrEqual(390);
});

test("what is found without a connection stays on the device, through a reload, until it is kept", async ({
  page,
  context,
}) => {
  const job = await threeBacks(page.request);
  await page.goto(`/jobs/${job}/trying-on/back/1`);
  await page.getByRole("radio", { name: /^right/ }).click();
  await page.getByRole("button", { name: "In 1⁄8 in" }).click();
  const comesTo = page.getByRole("region", { name: "What it comes to" });
  await expect(comesTo).toContainText("Sew it anew");
  await page.getByRole("radio", { name: "This one only" }).click();
  await expect(page.getByRole("button", { name: "Keep", exact: true })).toBeEnabled();
  await expect(comesTo).not.toContainText("2: ");
  await context.setOffline(true);
  await page.getByRole("button", { name: "Keep", exact: true }).click();
  await expect(comesTo.getByRole("alert")).toContainText("what you found stays in this browser");
  await context.setOffline(false);
  await page.reload();
  await expect(comesTo).toContainText("Found here before, and not in the record yet");
  await expect(page.getByRole("radio", { name: /^right/ })).toHaveAttribute("aria-checked", "true");
  await expect(page.getByRole("radio", { name: "This one only" })).toHaveAttribute("aria-checked", "true");
  await page.getByRole("button", { name: "Keep", exact: true }).click();
  await expect(comesTo).toContainText("Kept, and in the record.");
  await page.reload();
  await expect(comesTo).toContainText("Right taken in ⅛ in, on this one only.");
  await expect(comesTo).not.toContainText("Found here before");
});

test("a block trimmed on the thing is written down, becomes the pattern, and its seams are measured", async ({
  page,
}) => {
  const made = await page.request.post("/api/jobs/import", {
    data: {
      format: 2,
      name: "Armchair",
      unit: "in",
      cloth: { name: "Ticking", width: "54" },
      covers: [
        {
          id: "back",
          name: "Armchair",
          form: "slipcover",
          construction: "blocks",
          measures: {
            shape: "zones",
            zones: [
              { name: "Inside back", width: "24", height: "27" },
              { name: "Deck", width: "24", height: "22" },
              { name: "Arm", width: "20", height: "12", count: "2", pair: true },
            ],
          },
        },
      ],
    },
  });
  const job = ((await made.json()) as { id: string }).id;
  await page.goto(`/jobs/${job}/trying-on/back/1`);
  await page.getByRole("radio", { name: "Inside back" }).click();
  await expectClean(page);
  await page.getByLabel("Point 3, across").fill("x");
  await expect(page.getByText("Something in it is no length yet.")).toBeVisible();
  await page.getByLabel("Point 3, across").fill("24 1/2");
  await page.getByRole("button", { name: "+ point" }).nth(2).click();
  await page.getByLabel("Point 4, across").fill("13");
  await page.getByLabel("Point 4, up").fill("31 1/2");
  await page.getByLabel("Point 5, edge").selectOption("lower");
  const keep = page.getByRole("button", { name: "Keep as the pattern" });
  await keep.click();
  await expect(page.getByRole("alert")).toContainText("each edge is said once");
  await page.getByLabel("Point 5, edge").selectOption("left");
  await keep.click();
  await expect(page.getByText("Kept: its pair and the next of the set are cut so.")).toBeVisible();
  await expect(page.getByRole("radio", { name: /Inside back/ })).toContainText("trimmed");
  await page.getByRole("radio", { name: "Arm, left" }).click();
  await keep.click();
  await expect(page.getByRole("radio", { name: /Arm, right/ })).toContainText("trimmed"); // the pair has its pattern
  await page.getByLabel("One edge").selectOption({ label: "Inside back, lower edge" });
  await page.getByLabel("The other edge").selectOption({ label: "Arm, left, upper edge" });
  await page.getByRole("button", { name: "Add this seam" }).click();
  await expect(page.getByText(/ease .* in, or trim once more/)).toBeVisible();

  // The table cuts it as it was trimmed, and the machine has a card for the seam.
  const cutting = (await (await page.request.get(`/api/jobs/${job}/cutting`)).json()) as Cutting;
  const back = cutting.cloths[0]?.cards.find(({ piece }) => piece === "block-1");
  expect(back?.outline.length).toBe(5);
  await page.goto(`/jobs/${job}/sewing-cards`);
  await expect(page.getByText("Sew the inside back to the arm, left")).toBeVisible();
});

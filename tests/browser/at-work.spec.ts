import type { APIRequestContext, Page } from "@playwright/test";
import { expect, test } from "./house.js";
import { expectClean } from "./axe.js";

const cover = (
  id: string,
  form: string,
  measures: Record<string, string>,
  rest: Record<string, unknown> = {},
) => ({
  id,
  name: "Dining seat",
  form,
  measures,
  ...rest,
});

/** A job of a set of three alike. */
async function setOfThree(request: APIRequestContext): Promise<string> {
  const made = await request.post("/api/jobs/import", {
    data: {
      format: 2,
      name: "Three seats",
      unit: "in",
      cloth: { name: "Ticking", width: "54" },
      covers: [
        cover(
          "seat",
          "box-cushion",
          { width: "18", depth: "17", thickness: "2" },
          { construction: "boxing-strip", count: "3" },
        ),
      ],
    },
  });
  return ((await made.json()) as { id: string }).id;
}

const foot = (request: APIRequestContext, pedal: "next" | "back" | "hold") =>
  request.post("/api/foot-switch/presses", { data: { device: "test", pedal } });

/** What the table shows is to be cut: code, copy, place. */
const inHand = (page: Page) =>
  page.locator(".cut-what").evaluateAll((all) => all.map((one) => one.textContent).join());

test("a set of three goes from the first cut to the last tick by foot switch, with a spoiled piece, a reload and a second device", async ({
  page,
  context,
}) => {
  const job = await setOfThree(page.request);
  await page.goto(`/jobs/${job}/cutting`);
  const head = page.locator(".cut-card > header");
  await expect(head).toContainText(/piece 1 of \d+/);
  const of = Number(/of (\d+)/.exec(await head.innerText())?.[1]);
  await expectClean(page);

  // Two by foot, one spoiled while it is cut: it is laid again and comes again.
  for (let cut = 1; cut <= 2; cut++) {
    await foot(page.request, "next");
    await expect(head).toContainText(`piece ${cut + 1} of ${of}`);
  }
  const before = await inHand(page);
  await page.getByRole("button", { name: "Something is wrong…" }).click();
  await page.getByRole("button", { name: "Spoiled: lay it again" }).click();
  await expect(page.getByText("Laid again on what is left")).toBeVisible();
  await expect(page.locator(".cut-spoiled")).toHaveCount(1);
  await expect(head).toContainText(`piece 3 of ${of}`);
  expect(await inHand(page)).not.toBe(before);

  // The table is loaded again, and a second device goes on where the first stopped.
  await page.reload();
  await expect(head).toContainText(`piece 3 of ${of}`);
  await expect(page.locator(".cut-spoiled")).toHaveCount(1);
  const second = await context.newPage();
  await second.goto(`/jobs/${job}/cutting`);
  await expect(second.locator(".cut-card > header")).toContainText(`piece 3 of ${of}`);
  await second.getByRole("button", { name: "Cut, next" }).click();
  await expect(head).toContainText(`piece 4 of ${of}`); // the first hears of it
  for (let cut = 4; cut <= of; cut++) {
    await foot(page.request, "next");
    await expect(second.locator(".cut-card > header")).toContainText(
      cut < of ? `piece ${cut + 1} of ${of}` : `all ${of} pieces cut`,
    );
  }
  await expect(page.getByRole("heading", { name: "All of Ticking is cut." })).toBeVisible();
  await page.getByRole("button", { name: /on the house’s shelf/ }).click();
  await expect(page.getByText("On the house’s shelf.")).toBeVisible();
  await second.close();

  // All three are sewn together, each step on all of them.
  await page.goto(`/jobs/${job}/sewing`);
  const tiles = page.locator(".board-tile");
  await expect(tiles).toHaveCount(3);
  for (const i of [0, 1, 2]) {
    await expect(tiles.nth(i).locator("dl .is-done")).toContainText(["cut"]);
  }
  await page.getByRole("link", { name: "Sew all together, step by step" }).click();
  const card = page.locator(".sew-card");
  await expect(card.locator("header")).toContainText("step 1 of");
  const steps = Number(/step 1 of (\d+)/.exec(await card.locator("header").innerText())?.[1]);
  expect(steps % 3).toBe(0);
  for (let step = 1; step <= steps; step++) {
    await expect(card.locator("header")).toContainText(`step ${step} of ${steps}`);
    const stops = card.locator(".sew-stop input:not(:checked)");
    while ((await stops.count()) > 0) {
      const left = await stops.count();
      await foot(page.request, "next"); // not before it is answered
      await expect(card.getByText("Answer this first.")).toBeVisible();
      await expect(card.locator("header")).toContainText(`step ${step} of ${steps}`);
      await foot(page.request, "hold");
      await expect(stops).toHaveCount(left - 1);
    }
    if (step === 5) {
      await page.reload();
      await expect(card.locator("header")).toContainText(`step 5 of ${steps}`);
      await expect(card.locator(".sew-stop input:checked")).toHaveCount(0);
      const again = card.locator(".sew-stop input:not(:checked)");
      while ((await again.count()) > 0) {
        await again.first().check();
      }
    }
    await foot(page.request, "next");
  }
  await expect(page.getByRole("heading", { name: /all 3: all sewn/ })).toBeVisible();
  await page.getByRole("link", { name: "All covers of this job" }).click();
  for (const i of [0, 1, 2]) {
    await expect(tiles.nth(i).locator("dl .is-done")).toContainText(["cut", "sewn", "tried"]);
  }
  await tiles.first().getByRole("link", { name: "Hand over" }).click();
  await page.getByLabel("Colour of the thread").fill("graphite 402");
  await expect(page.locator(".record-label")).toContainText("not recorded yet");
  await page.getByRole("button", { name: "Handed over: write it into the record" }).click();
  await expect(page.getByRole("alert")).toContainText("whether it is the old one or a new one");
  await expect(page.locator(".record-label")).toContainText("not recorded yet");
  await page.getByLabel(/^Filling/).selectOption("original");
  await page.getByRole("button", { name: "Handed over: write it into the record" }).click();
  await expect(page.getByRole("button", { name: "Write it into the record again" })).toBeVisible();
  await expect(page.locator(".record-label")).toContainText("Cover and filling. Filling original");
  await expect(page.locator(".record-label")).toContainText("Treatment: not known. See local rules.");
  await expect(page.locator(".record-label img")).toBeVisible();
  await expectClean(page);
  await page.getByRole("link", { name: "All labels" }).click();
  await expect(page.locator(".record-label")).toHaveCount(3);
  await page.getByRole("link", { name: "← All covers" }).click();
  await expect(tiles.first()).toContainText("handed overyes");
  await expectClean(page);
});

test("a card paused waits; a tick is taken back; what is ticked without a connection is kept and sent", async ({
  page,
  context,
}) => {
  const job = await setOfThree(page.request);
  await page.goto(`/jobs/${job}/sewing/seat/2`);
  const head = page.locator(".sew-card header");
  await expect(head).toContainText("2 of 3");
  await expect(head).toContainText("step 1 of");
  await expectClean(page);
  await page.keyboard.press("p");
  await expect(page.getByRole("dialog", { name: "Paused" })).toBeVisible();
  await page.keyboard.press("ArrowRight"); // goes on, and ticks nothing
  await expect(page.getByRole("dialog", { name: "Paused" })).toHaveCount(0);
  await expect(head).toContainText("step 1 of");
  await page.keyboard.press("ArrowRight");
  await expect(head).toContainText("step 2 of");
  await page.keyboard.press("ArrowLeft");
  await expect(page.getByText("Sewn already")).toBeVisible();
  await page.getByRole("button", { name: "Not sewn after all" }).click();
  await expect(page.getByText("Sewn already")).toHaveCount(0);

  await context.setOffline(true);
  await page.getByRole("button", { name: "Marked, next" }).click();
  await expect(head).toContainText("step 2 of");
  await context.setOffline(false);
  await expect
    .poll(async () => {
      const answer = await page.request.get(`/api/jobs/${job}/work`);
      const { entries } = (await answer.json()) as { entries: { kind: string }[] };
      return entries.map(({ kind }) => kind);
    })
    .toEqual(["sewn", "undone", "sewn"]);
});

test("a flaw is laid round, less cloth says what no longer fits, and a piece measured anew says what can be saved", async ({
  page,
}) => {
  const job = await setOfThree(page.request);
  await page.goto(`/jobs/${job}/cutting`);
  const head = page.locator(".cut-card > header");
  const of = Number(/of (\d+)/.exec(await head.innerText())?.[1]);
  await page.getByRole("button", { name: "Cut, next" }).click();
  await expect(head).toContainText(`piece 2 of ${of}`);

  await page.getByRole("button", { name: "Something is wrong…" }).click();
  const panel = page.getByRole("dialog", { name: "Something is wrong" });
  await panel.getByRole("button", { name: "Lay round it" }).click();
  await expect(panel.getByRole("alert")).toContainText("where the flaw begins and ends");
  await panel.getByLabel("from the end", { exact: true }).fill("30");
  await panel.getByLabel("to").first().fill("31 1/2");
  await panel.getByRole("button", { name: "Lay round it" }).click();
  await expect(page.locator(".cut-flaw")).toHaveCount(1);
  await expect(page.getByText("Laid again on what is left")).toBeVisible();

  await page.getByRole("button", { name: "Something is wrong…" }).click();
  await panel.getByLabel("from the end, in").fill("40");
  await panel.getByRole("button", { name: "Lay on that much" }).click();
  await expect(page.getByText(/The cloth is .+ too short for all of it/)).toBeVisible();
  await expect(page.locator(".cut-trouble li").first()).toContainText("no cloth left for it");

  const stored = await page.request.get(`/api/jobs/${job}`);
  const { covers } = (await stored.json()) as {
    covers: { version: number; cover: { measures: Record<string, string> } }[];
  };
  const [seat] = covers;
  expect(seat).toBeDefined();
  const measures = { ...seat!.cover.measures, width: "18 1/4", depth: "17 1/4", thickness: "2 1/8" };
  const written = await page.request.put(`/api/jobs/${job}/covers/seat`, {
    headers: { "If-Match": `"${seat!.version}"` },
    data: { position: 0, cover: { ...seat!.cover, measures } },
  });
  expect(written.status()).toBe(200);
  await expect(page.locator(".cut-trouble")).toContainText(/too small/);
});

test("on a tablet and a phone the step in hand and its buttons are in sight, and numbers can be read at arm's length", async ({
  page,
}) => {
  for (const [width, height] of [
    [768, 1024],
    [1280, 800],
  ] as const) {
    await page.setViewportSize({ width, height });
    for (const address of [
      "/jobs/teasel-saloon/cutting",
      "/jobs/teasel-bolsters/sewing/teasel-bolsters-1/1",
    ]) {
      await page.goto(address);
      const first = page.locator("footer .hand-button.is-first");
      await expect(first).toBeInViewport({ ratio: 1 });
      await expect(page.locator(".cut-drawing, .sew-picture")).toBeInViewport({ ratio: 0.9 });
      expect(await page.evaluate(() => document.documentElement.scrollHeight)).toBeLessThanOrEqual(height);
      const targets = await page
        .locator("footer button")
        .evaluateAll((all) => all.map((one) => one.getBoundingClientRect().height));
      expect(Math.min(...targets)).toBeGreaterThanOrEqual(56);
      const figure = page.locator(".cut-zero, .sew-figure strong, .sew-text").first();
      const size = await figure.evaluate((one) => Number.parseFloat(getComputedStyle(one).fontSize));
      expect(size).toBeGreaterThanOrEqual(address.includes("cutting") ? 32 : 24);
    }
  }

  await page.setViewportSize({ width: 390, height: 844 });
  for (const address of [
    "/jobs/teasel-saloon/cutting",
    "/jobs/teasel-bolsters/sewing",
    "/jobs/teasel-bolsters/sewing/teasel-bolsters-1/1",
    "/foot-switch",
  ]) {
    await page.goto(address);
    await expect(page.locator("main h1")).toBeVisible();
    await expect
      .poll(() => page.evaluate(() => document.documentElement.scrollWidth))
      .toBeLessThanOrEqual(390);
    await expectClean(page);
  }
});

test("what cannot be cut or sewn yet says why, and where to go", async ({ page }) => {
  const made = await page.request.post("/api/jobs/import", {
    data: {
      format: 2,
      name: "Begun",
      unit: "in",
      cloth: { width: "54" },
      covers: [cover("seat", "box-cushion", { width: "20" })],
    },
  });
  const { id } = (await made.json()) as { id: string };
  await page.goto(`/jobs/${id}/cutting`);
  await expect(page.getByRole("heading", { name: "Nothing can be cut yet." })).toBeVisible();
  await page.goto(`/jobs/${id}/sewing`);
  await expect(page.getByRole("note")).toContainText("is not finished");
  await page.goto(`/jobs/${id}/sewing/seat/1`);
  await expect(page.getByRole("alert")).toContainText("is not finished");
  await page.goto("/jobs/teasel-bolsters/sewing/teasel-bolsters-1/9");
  await expect(page.getByRole("heading")).toContainText("There are 2 of this cover, and no number 9.");
});

test("the way a cover is sewn is chosen before it is begun, and changes its order", async ({ page }) => {
  const job = await setOfThree(page.request);
  await page.goto(`/jobs/${job}/sewing`);
  await page.getByText("How it is sewn").click();
  const edges = page.getByLabel(/^Raw edges/);
  await expect(edges).toHaveValue("each");
  await edges.selectOption("first");
  await expect
    .poll(async () => {
      const answer = await page.request.get(`/api/jobs/${job}/covers/seat/sewing-cards`);
      const { cards } = (await answer.json()) as { cards: { kind: string }[] };
      return cards.slice(0, 3).map(({ kind }) => kind);
    })
    .toContain("finish");
  await page.reload();
  await page.getByText("How it is sewn").click();
  await expect(edges).toHaveValue("first");
  await page.getByRole("link", { name: "Sew", exact: true }).first().click();
  await page.getByRole("button", { name: "Marked, next" }).click();
  await page.getByRole("link", { name: "← All covers" }).click();
  await page.getByText("How it is sewn").click();
  await expect(page.getByText("It is being sewn")).toBeVisible();
  await expect(edges).toBeDisabled();
});

test("the house says its minutes and labels once: cards follow, and what cannot be is told", async ({
  page,
}) => {
  const made = await page.request.post("/api/jobs/import", {
    data: {
      format: 2,
      name: "Bolster",
      unit: "in",
      cloth: { width: "54" },
      covers: [{ id: "roll", form: "bolster", measures: { diameter: "6 1/2", length: "24" } }],
    },
  });
  const { id } = (await made.json()) as { id: string };
  const kinds = async () => {
    const answer = await page.request.get(`/api/jobs/${id}/covers/roll/sewing-cards`);
    const { cards } = (await answer.json()) as { cards: { kind: string; minutes: number }[] };
    return cards;
  };
  const before = await kinds();
  expect(before.map(({ kind }) => kind)).not.toContain("label");
  await page.goto(`/jobs/${id}/sewing`);
  await page.getByText("What the house reckons with").click();
  const seam = page.getByLabel("minutes to a metre of seam");
  await seam.fill("500");
  await expect(page.getByRole("alert")).toHaveText("minutes to a metre of seam: between 0 and 120.");
  await seam.fill("30");
  await seam.press("Enter");
  await expect(page.locator(".house-reckons label", { has: seam })).toContainText("the house’s own");
  const labels = page.getByLabel("labels sewn into a cover");
  await labels.fill("1");
  await labels.press("Enter");
  await expect(page.locator(".house-reckons label", { has: labels })).toContainText("the house’s own");
  const now = await kinds();
  expect(now.map(({ kind }) => kind)).toContain("label");
  const minutes = (cards: { kind: string; minutes: number }[]) =>
    cards.filter(({ kind }) => kind === "seam").reduce((sum, card) => sum + card.minutes, 0);
  expect(minutes(now)).toBeGreaterThan(minutes(before) * 2);
  await page.reload();
  await page.getByText("What the house reckons with").click();
  await expect(seam).toHaveValue("30");

  // Emptied, it is the usual one again.
  for (const figure of [seam, labels]) {
    await figure.fill("");
    await figure.press("Enter");
    await expect(page.locator(".house-reckons label", { has: figure })).toContainText("usual");
  }

  expect((await kinds()).map(({ kind }) => kind)).toEqual(before.map(({ kind }) => kind));
});

import { expect, test } from "./house.js";
import { bench } from "./bench.js";

test("a job from its first measure to its handing over", async ({ page }) => {
  await bench.startNew(page);
  await bench.measure(page, "18", "17", "2");
  await page.getByPlaceholder("Name this job").fill("Measured to handed over");
  await bench.settled(page);
  await expect(page.getByRole("button", { name: /^Proved/ })).toBeVisible();
  const job = new URL(page.url()).pathname.split("/").slice(0, 3).join("/");

  // Cut: piece by piece, until all of it is.
  await page.goto(`${job}/cutting`);
  const head = page.locator(".cut-card > header");
  await expect(head).toContainText(/piece 1 of \d+/);
  const pieces = Number(/of (\d+)/.exec(await head.innerText())?.[1]);
  for (let cut = 1; cut <= pieces; cut++) {
    await expect(head).toContainText(`piece ${cut} of ${pieces}`);
    await page.getByRole("button", { name: "Cut, next" }).click();
  }
  await expect(page.getByRole("heading", { name: /^All of .* is cut\.$/ })).toBeVisible();

  // Sew: card by card, each stop answered first.
  await page.goto(`${job}/sewing`);
  await page.locator(".board-tile").getByRole("link", { name: /^Sew/ }).first().click();
  const card = page.locator(".sew-card");
  await expect(card.locator("header")).toContainText("step 1 of");
  const steps = Number(/step 1 of (\d+)/.exec(await card.locator("header").innerText())?.[1]);
  for (let step = 1; step <= steps; step++) {
    await expect(card.locator("header")).toContainText(`step ${step} of ${steps}`);
    const stops = card.locator(".sew-stop input:not(:checked)");
    while ((await stops.count()) > 0) {
      await stops.first().check();
    }
    await card.locator("footer button.is-first").click();
  }
  await expect(page.getByRole("heading", { name: /all sewn/ })).toBeVisible();

  // Hand over: the record names the thread and the filling.
  await page.goto(`${job}/sewing`);
  await page.locator(".board-tile").getByRole("link", { name: "Hand over" }).click();
  await page.getByLabel("Colour of the thread").fill("graphite 402");
  await page.getByLabel(/^Filling/).selectOption("original");
  await page.getByRole("button", { name: "Handed over: write it into the record" }).click();
  await expect(page.locator(".record-label")).toContainText("Cover and filling. Filling original");
});

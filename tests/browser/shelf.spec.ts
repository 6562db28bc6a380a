import { bench } from "./bench.js";
import { expect, test } from "./house.js";

const many = 230;

test("the shelf comes a page at a time as one scrolls, and what is looked for is found on any page", async ({
  page,
}) => {
  const ids = Array.from({ length: many }, (_, i) => `shelf-${i}`);
  for (const id of ids) {
    await page.request.post("/api/jobs", {
      data: { id, name: `Shelf ${id}`, client: "Barge Heron", unit: "in" },
    });
  }

  await page.goto("/");
  const rows = page.locator(".job-list ul > li");
  await expect(rows.first()).toContainText(`shelf-${many - 1}`);
  await expect(rows).toHaveCount(100);
  await page.mouse.wheel(0, 100_000);
  await expect(rows).toHaveCount(200);
  await page.mouse.wheel(0, 100_000);
  await expect.poll(() => rows.count()).toBeGreaterThan(many);
  expect(new Set(await rows.locator("strong").allTextContents()).size).toBeGreaterThan(many);

  await page.getByLabel("Find a job").fill("heron SHELF-0");
  await expect(rows).toHaveCount(1);
  await expect(rows).toContainText("Shelf shelf-0");
  await page.getByLabel("Find a job").fill("no such job");
  await expect(page.getByText("No job on the shelf says “no such job”.")).toBeVisible();
  await page.getByLabel("Find a job").fill("");
  await expect.poll(() => rows.count()).toBeGreaterThanOrEqual(100);
  for (const id of ids) {
    await page.request.delete(`/api/jobs/${id}`, { headers: { "If-Match": '"1"' } });
  }
});

test("each job shows its things, drawn as their covers stand", async ({ page }) => {
  await page.goto("/");
  await page.getByLabel("Find a job").fill("Wing armchair");
  const row = page.locator(".job-list ul > li").filter({ hasText: "Owner’s cabin" }).first();
  await expect(row.locator(".job-things svg")).toHaveCount(2);
  await expect(row.locator(".job-things polygon").first()).toBeVisible(); // the cushion, folded up from its pieces
});

test("each job says how far it is, what is missing and, once it was on the bench, what to buy", async ({
  page,
}) => {
  await page.goto("/jobs/teasel-bolsters");
  await bench.settled(page);
  const figure = await page.getByTestId("buy").first().textContent();
  await expect(async () => {
    await page.goto("/");
    const row = page.locator(".job-list ul > li").filter({ hasText: "Bolsters" });
    await expect(row.locator(".job-figures")).toContainText(figure?.split(" ").at(-1) ?? "yd", {
      timeout: 5000,
    });
  }).toPass();
  await expect(page.locator(".job-list ul > li").filter({ hasText: "Bolsters" })).toContainText(
    "ready to cut",
  );
  const saloon = page.locator(".job-list ul > li").filter({ hasText: "Saloon settees" }).first();
  await saloon.scrollIntoViewIfNeeded(); // what is missing is looked up when one comes near
  await expect(saloon).toContainText("3 of 4 covers measured");
  await expect(saloon).toContainText("to take: Companionway step");
});

test("jobs are picked by how far they are, sorted, put away and taken out again", async ({ page }) => {
  await page.request.post("/api/jobs", {
    data: { id: "shelved", name: "Zinnia bench", client: "Ashore", unit: "in" },
  });
  await page.goto("/");
  const rows = page.locator(".job-list ul > li");
  await page.getByRole("radiogroup", { name: "Which jobs" }).getByText("ready to cut").click();
  await expect(rows.filter({ hasText: "Zinnia bench" })).toHaveCount(0);
  await page.getByRole("radiogroup", { name: "Which jobs" }).getByText("to measure").click();
  await expect(rows.filter({ hasText: "Zinnia bench" })).toHaveCount(1);
  await page.getByRole("radiogroup", { name: "Sorted by" }).getByText("name", { exact: true }).click();
  await expect(rows.last()).toContainText("Zinnia bench");
  await page.getByRole("button", { name: "Put away Zinnia bench" }).click();
  await expect(rows.filter({ hasText: "Zinnia bench" })).toHaveCount(0);
  await page.getByRole("radiogroup", { name: "Which jobs" }).getByText("put away").click();
  await page.getByRole("button", { name: "Take out Zinnia bench" }).click();
  await expect(page.getByText("None was put away.")).toBeVisible();
});

import { expect, test } from "@playwright/test";
import { bench, measureField } from "./bench.js";

test("two tabs on one cover: nothing is overwritten and the maker chooses", async ({ page, context }) => {
  await bench.startNew(page);
  await bench.measure(page, "21", "19", "4");
  await bench.settled(page);
  const other = await context.newPage();
  await other.goto(page.url());
  await bench.settled(other);
  await measureField(other, "Width").fill("22");
  await bench.settled(other);

  await page.getByRole("button", { name: "width: 21", exact: true }).click();
  await measureField(page, "Width").fill("23");
  await expect(page.getByText("changed elsewhere in the meantime")).toBeVisible();
  await page.getByRole("button", { name: "Take what was written there" }).click();
  await expect(page.getByRole("button", { name: "width: 22", exact: true })).toBeVisible();
  await bench.settled(page);

  await other.getByRole("button", { name: /^width/ }).click();
  await measureField(page, "Width").fill("24");
  await bench.settled(page);
  await measureField(other, "Width").fill("25");
  await other.getByRole("button", { name: "Keep what is here" }).click();
  await bench.settled(other);
  await page.reload();
  await expect(page.getByRole("button", { name: "width: 25", exact: true })).toBeVisible();
});

test("while the server is away nothing is lost, and it is written when it is back", async ({
  page,
  context,
}) => {
  await bench.startNew(page);
  await bench.measure(page, "21", "19", "4");
  await bench.settled(page);
  await context.setOffline(true);
  await page.getByRole("button", { name: "width: 21", exact: true }).click();
  await measureField(page, "Width").fill("26 1/2");
  await expect(page.getByText("Not saved: trying again")).toBeVisible();
  await context.setOffline(false);
  await bench.settled(page);
  await page.reload();
  await bench.settled(page);
  await expect(measureField(page, "Width")).toHaveValue("26 1/2");
});

test("a deleted job is brought back from the list", async ({ page }) => {
  const name = `Short-lived ${Date.now()}`;
  await bench.startNew(page);
  await page.getByLabel("Job name").fill(name);
  await bench.settled(page);
  await page.goto("/");
  await page.getByRole("button", { name: `Delete ${name}` }).click();
  await expect(page.getByRole("link", { name, exact: false })).toHaveCount(0);
  await page.getByRole("button", { name: "Bring it back" }).click();
  await expect(page.getByRole("link", { name, exact: false })).toBeVisible();
});

test("an address that leads nowhere shows the way back", async ({ page }) => {
  await page.goto("/jobs/nothing");
  await expect(page.getByText("There is no such job")).toBeVisible();
  await page.getByRole("link", { name: "Back to the jobs" }).click();
  await expect(page.getByRole("heading", { name: "Wrapper" })).toBeVisible();
});

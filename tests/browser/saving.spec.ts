import { expect, test } from "./house.js";
import { bench, measureField, jobOf } from "./bench.js";

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

test("what was typed while the store failed outlives the page and is sent when the store is back", async ({
  page,
  context,
}) => {
  const name = `Unlucky ${Date.now()}`;
  await bench.startNew(page);
  await bench.measure(page, "21", "19", "4");
  await page.getByLabel("Job name").fill(name);
  await bench.settled(page);
  const address = page.url();
  await context.route("**/api/jobs/**", (route) =>
    route.request().method() === "PUT"
      ? route.fulfill({ status: 500, contentType: "application/problem+json", body: "{}" })
      : route.fallback(),
  );
  await page.getByRole("button", { name: "width: 21", exact: true }).click();
  await measureField(page, "Width").fill("26 1/2");
  await expect(page.getByText("Not saved: trying again")).toBeVisible();

  // To the list and to another job: the first one still waits, and that is said where it stands.
  await page.getByRole("link", { name: "All jobs" }).click();
  const row = page.getByRole("listitem").filter({ hasText: name });
  await expect(row.getByText("it waits on this device")).toBeVisible();
  await page.goto("/jobs/teasel-ottoman");
  await bench.settled(page);
  await page.close();

  // The browser was closed in between; the store is back.
  await context.unroute("**/api/jobs/**");
  const later = await context.newPage();
  await later.goto("/");
  const there = later.getByRole("listitem").filter({ hasText: name });
  await expect(there).toBeVisible();
  await expect(there.getByText("it waits on this device")).toHaveCount(0);
  await later.goto(address);
  await bench.settled(later);
  await expect(measureField(later, "Width")).toHaveValue("26 1/2");
});

test("a cover deleted elsewhere is brought back or let go, and the others are saved meanwhile", async ({
  page,
  request,
}) => {
  await bench.startNew(page);
  await bench.measure(page, "21", "19", "4");
  await bench.settled(page);
  const id = jobOf(page);
  const job = (await (await request.get(`/api/jobs/${id}`)).json()) as {
    covers: { id: string; version: number }[];
  };
  const cover = job.covers[0];
  await request.delete(`/api/jobs/${id}/covers/${cover?.id}`, {
    headers: { "If-Match": `"${cover?.version}"` },
  });
  await page.getByRole("button", { name: "width: 21", exact: true }).click();
  await measureField(page, "Width").fill("22");
  await expect(page.getByText("was deleted elsewhere, and was changed here")).toBeVisible();
  await page.getByLabel("Client").fill("All the same");
  await expect
    .poll(async () => ((await (await request.get(`/api/jobs/${id}`)).json()) as { client: string }).client)
    .toBe("All the same");
  await page.getByRole("button", { name: "Bring it back" }).click();
  await bench.settled(page);
  await page.reload();
  await bench.settled(page);
  await expect(measureField(page, "Width")).toHaveValue("22");

  // And the whole job.
  const whole = (await (await request.get(`/api/jobs/${id}`)).json()) as { version: number };
  await request.delete(`/api/jobs/${id}`, { headers: { "If-Match": `"${whole.version}"` } });
  await page.getByLabel("Client").fill("Once more");
  await expect(page.getByText("This job was deleted elsewhere")).toBeVisible();
  await page.getByRole("button", { name: "Bring the job back" }).click();
  await bench.settled(page);
  await expect
    .poll(async () => ((await (await request.get(`/api/jobs/${id}`)).json()) as { client?: string }).client)
    .toBe("Once more");
});

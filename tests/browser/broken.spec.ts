import { expect, test, type Page } from "./house.js";
import { bench } from "./bench.js";

/** As much of a job as these tests change. */
interface SentJob {
  cloths: { cloth: object }[];
  covers: { id: string }[];
}

/** The job as the server sends it, with something of it changed. */
async function changed(page: Page, change: (job: SentJob) => unknown) {
  await page.route(/\/api\/jobs\/[^/?]+$/, async (route) => {
    if (route.request().method() !== "GET") {
      return route.fallback();
    }

    const answer = await route.fetch();
    const job = (await answer.json()) as SentJob;
    change(job);
    return route.fulfill({ response: answer, json: job });
  });
}

test("a cloth with nothing in its list of flaws blanks neither the shelf nor the bench: the store never takes it", async ({
  page,
  request,
}) => {
  await bench.startNew(page);
  await bench.measure(page, "21", "19", "4");
  await bench.settled(page);
  const id = new URL(page.url()).pathname.split("/")[2] ?? "";
  const { cloth } = (await (await request.get(`/api/jobs/${id}`)).json()) as { cloth: { version: number } };
  const refused = await request.put(`/api/jobs/${id}/cloth`, {
    data: { width: "54", flaws: [null] },
    headers: { "If-Match": `"${cloth.version}"` },
  });
  expect(refused.status()).toBe(422);
  expect(((await refused.json()) as { detail: string }).detail).toContain("flaws.0");
  await page.reload();
  await expect(page.getByRole("textbox", { name: /Job name/ })).toBeVisible();
  await page.goto("/");
  await expect(page.getByRole("heading", { name: /the shelf/ })).toBeVisible();
});

test("a panel that cannot be drawn says so, keeps the others usable, and offers its document as a file", async ({
  page,
}) => {
  await bench.startNew(page);
  await bench.measure(page, "21", "19", "4");
  await bench.settled(page);
  // What no rule lets through, as if one were missing: the roll cannot be drawn from it.
  await changed(page, (job) => Object.assign(job.cloths[0]?.cloth ?? {}, { flaws: [null] }));
  await page.reload();
  const trouble = page.getByRole("alert").filter({ hasText: "cannot be shown" });
  await expect(trouble.first()).toBeVisible();
  await expect(page.locator("body")).not.toBeEmpty();
  await page.goto("/");
  await expect(page.getByRole("heading", { name: /the shelf/ })).toBeVisible();
});

test("a cover that cannot be read whole is named in its place, saved as it is stored, and repaired", async ({
  page,
}) => {
  await bench.startNew(page);
  await bench.measure(page, "21", "19", "4");
  await bench.settled(page);
  await changed(page, (job) => {
    const [cover] = job.covers;
    Object.assign(job, {
      broken: [
        {
          part: `cover/${cover?.id}`,
          name: "Cover A, “Box cushion”",
          problems: ["“notes” must be an object, not text. Replace it."],
        },
      ],
    });
  });
  await page.reload();
  const broken = page.getByRole("alert", { name: "Parts that cannot be read" });
  await expect(broken).toContainText("Cover A");
  await expect(broken).toContainText("“notes” must be an object");
  const saved = page.waitForEvent("download");
  await broken.getByRole("link", { name: "Save as stored" }).click();
  expect((await saved).suggestedFilename()).toContain("cover-");
  await page.unrouteAll();
  await broken.getByRole("button", { name: "Keep what can be read" }).click();
  await expect(broken).toHaveCount(0);
  await expect(page.getByRole("button", { name: /^width/ })).toBeVisible();
});

test("house settings that break a rule are named on the shelf, and nothing of them is lost by keeping what can be read", async ({
  page,
}) => {
  const problem = "“shelf.0” is null. Remove the entry, or fill it in.";
  let isBroken = true;
  await page.route("**/api/house", async (route) => {
    if (route.request().method() !== "GET") {
      isBroken = false;
      return route.fallback();
    }

    const answer = await route.fetch();
    return route.fulfill({
      response: answer,
      json: { ...((await answer.json()) as object), problems: isBroken ? [problem] : [] },
    });
  });
  await page.route("**/api/house/stored", (route) => route.fulfill({ body: '{ "shelf": [null] }' }));
  await page.goto("/");
  const broken = page.getByRole("alert", { name: "The house’s settings" });
  await expect(broken).toContainText(problem);
  await broken.getByRole("button", { name: "Keep what can be read" }).click();
  await expect(broken).toHaveCount(0);
  const aside = page.getByText("this is how they were stored");
  await expect(aside).toBeVisible();
  await page.reload();
  await expect(page.getByText(/kept something|this is how they were stored/)).toBeVisible();
  await page.unrouteAll({ behavior: "wait" });
});

test("what an older page kept is read, and what cannot be read is shown until it was saved or removed", async ({
  page,
}) => {
  await page.goto("/");
  await page.evaluate(() => {
    localStorage.setItem("wrapper-unsent/gone/page", "{ half a");
    localStorage.setItem("wrapper-work/gone/one", '{"id":"one"}');
  });
  await page.reload();
  const aside = page.getByRole("status", { name: "Set aside" });
  await expect(aside).toContainText("cannot be read");
  await expect(aside.getByRole("button", { name: "Remove" })).toHaveCount(2);
  const saved = page.waitForEvent("download");
  await aside.getByRole("button", { name: "Save as a file" }).first().click();
  await saved;
  await page.reload();
  await expect(aside.getByRole("button", { name: "Remove" })).toHaveCount(2); // a reload removes nothing
  await aside.getByRole("button", { name: "Remove" }).first().click();
  await aside.getByRole("button", { name: "Remove" }).first().click();
  await expect(aside).toHaveCount(0);
});

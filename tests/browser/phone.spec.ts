import { expect, test } from "./house.js";
import { bench, cutList, measureField, jobOf } from "./bench.js";

test("the phone's sheet: every key kept without a connection, sent when it is back, and the bench shows it", async ({
  page,
  browser,
}) => {
  await bench.startNew(page);
  await bench.measure(page, "21");
  await bench.settled(page);
  await page.getByRole("button", { name: "Sheet" }).click();
  const link = page.locator('.sheet-code a[href*="/sheet/"]');
  const address = (await link.getAttribute("href")) ?? "";
  expect(address).toMatch(/\/sheet\/[0-9a-f]{64}$/);
  await expect(page.getByRole("img", { name: /Code to photograph/ })).toBeVisible();

  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    baseURL: new URL(address).origin,
  });
  const phone = await context.newPage();
  await phone.goto(address);
  await expect(phone.locator("#figure")).toHaveValue("21");
  await phone.getByRole("button", { name: "Next", exact: true }).click();
  await expect(phone.locator(".phone-field > label").first()).toHaveText("Depth");
  await expect(phone.locator("#figure")).toBeFocused();
  await context.setOffline(true);
  await phone.keyboard.type("19");
  await phone.getByRole("button", { name: "1/4" }).click();
  await expect(phone.getByRole("status").first()).toContainText("No connection");
  await expect(phone.getByRole("button", { name: /as a file/ })).toBeVisible();
  const download = phone.waitForEvent("download");
  await phone.getByRole("button", { name: /as a file/ }).click();
  expect((await download).suggestedFilename()).toMatch(/\.sheet\.json$/);
  await context.setOffline(false);
  await expect(phone.getByRole("status").first()).toContainText("All at the bench");

  await page.keyboard.press("Escape");
  await page.locator(".reading[aria-label^=depth]").click();
  await expect(measureField(page, "Depth")).toHaveValue("19 1/4");

  // The bench and the phone both change the width: neither is overwritten.
  await page.locator(".reading[aria-label^=width]").click();
  await measureField(page, "Width").fill("22");
  await bench.settled(page);
  await phone.getByRole("button", { name: "Back", exact: true }).click();
  await phone.locator("#figure").fill("21 1/2");
  await expect(phone.getByRole("status").first()).toContainText("All at the bench");
  await expect(page.getByRole("button", { name: "second reading 21 1/2" })).toBeVisible();
  await expect(measureField(page, "Width")).toHaveValue("22");

  const token = address.split("/").at(-1) ?? "";
  await page.request.delete(`/api/jobs/${jobOf(page)}/sheet`);
  expect((await page.request.get(`/api/sheets/${token}`)).status()).toBe(404);
  await context.close();
});

test("a sheet's file is taken in at the bench, and rubbish is not", async ({ page }) => {
  await bench.startNew(page);
  await bench.measure(page, "21", "", "4");
  await bench.settled(page);
  const job = (await (await page.request.get(`/api/jobs/${jobOf(page)}`)).json()) as {
    covers: { id: string }[];
  };
  // The sheet is opened slowly: what a file brought is not forgotten over it.
  let open = () => {};
  const opened = new Promise<void>((resolve) => (open = resolve));
  await page.route("**/api/jobs/*/sheet", async (route) => {
    await opened;
    await route.fallback();
  });
  await page.getByRole("button", { name: "Sheet" }).click();
  const file = {
    wrapperSheet: 1,
    covers: [{ id: job.covers[0]?.id, entries: [{ measure: "depth", note: false, before: "", text: "19" }] }],
  };
  const input = page.getByLabel("A sheet’s file");
  await input.setInputFiles({
    name: "rubbish.json",
    mimeType: "application/json",
    buffer: Buffer.from("{}"),
  });
  await expect(page.getByText("not a measuring sheet’s file")).toBeVisible();
  await input.setInputFiles({
    name: "a.sheet.json",
    mimeType: "application/json",
    buffer: Buffer.from(JSON.stringify(file)),
  });
  await expect(page.getByText("Took in 1 field.")).toBeVisible();
  open();
  await expect(page.getByAltText("Code to photograph with the phone")).toBeVisible();
  await expect(page.getByText("Took in 1 field.")).toBeVisible();
  await bench.settled(page);
  expect((await cutList(page))[0]).toBe("Plate 2: 22 × 20");
});

test("the paper sheet prints each thing with its measures, blank or filled", async ({ page }) => {
  await page.goto("/jobs/teasel-saloon/measuring-sheet");
  await expect(page.getByRole("heading", { name: /Settee seat/ })).toBeVisible();
  const seat = page.locator(".paper-sheet section").first();
  await expect(seat.getByText("48 1/2", { exact: true })).toBeVisible();
  // Every dimension that is drawn has its letter in the table.
  await expect(seat.locator(".letter-line")).toHaveCount(4); // the corner’s radius too
  const drawn = await seat.locator(".letter-line text").allTextContents();
  expect(await seat.locator(".paper-letter").allTextContents()).toEqual(expect.arrayContaining(drawn));
  await page.getByText("blank", { exact: true }).click();
  await expect(seat.getByText("48 1/2", { exact: true })).toHaveCount(0);
  await expect(seat.locator(".letter-line")).toHaveCount(4); // the corner’s radius too

  await page.goto("/jobs/teasel-armchair/measuring-sheet");
  const chair = page.locator(".paper-sheet section").first();
  await expect(chair.locator(".lettered-parts .number").first()).toBeVisible();
  await expect(chair.locator(".paper-list tbody tr")).toHaveCount(12); // eight parts and four rows free
});

import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { expect, test, type Browser, type Page } from "./house.js";
import { bench, measureField } from "./bench.js";
import { OwnServer } from "./ownServer.js";

test.describe.configure({ timeout: 900_000 });

let server: OwnServer;
let started = false;

const begin = async (browser: Browser, megabytes?: number) => {
  server = new OwnServer({ megabytes });
  started = true;
  await server.start();
  return browser.newContext({ baseURL: server.address });
};

test.afterEach(async () => {
  if (started) {
    await server.end();
  }
});

/** A new cushion, all of it in the store; the job's name. */
const cushion = async (page: Page) => {
  await bench.startNew(page);
  await bench.measure(page, "21", "19", "4");
  await page.getByLabel("Job name").fill("Unlucky");
  await bench.settled(page);
};

const waits = (page: Page) =>
  page.getByRole("listitem").filter({ hasText: "Unlucky" }).getByText("it waits on this device");

const width = async (page: Page, text: string) => {
  await page.getByRole("button", { name: /^width/ }).click();
  await measureField(page, "Width").fill(text);
};

test("the server is killed while one types, and browser and server are started again: what was typed is written", async ({
  playwright,
  browser,
}) => {
  await (await begin(browser)).close();
  const profile = mkdtempSync(join(tmpdir(), "wrapper-profile-"));
  const launch = () =>
    playwright.chromium.launchPersistentContext(profile, {
      ...test.info().project.use.launchOptions,
      baseURL: server.address,
      viewport: { width: 1280, height: 800 },
    });
  const before = await launch();
  const page = await before.newPage();
  await cushion(page);
  const address = page.url();
  await server.kill();
  await width(page, "26 1/2");
  await expect(page.getByText("Not saved: trying again")).toBeVisible();
  await before.close();

  await server.start();
  const after = await launch();
  const later = await after.newPage();
  await later.goto("/");
  await expect(later.getByRole("listitem").filter({ hasText: "Unlucky" })).toBeVisible();
  await expect(waits(later)).toHaveCount(0);
  await later.goto(address);
  await bench.settled(later);
  await expect(measureField(later, "Width")).toHaveValue("26 1/2");
  await after.close();
  rmSync(profile, { recursive: true, force: true });
});

test("two tabs, the server killed under both: what either typed is there when it is back", async ({
  browser,
}) => {
  const context = await begin(browser);
  const [page, other] = [await context.newPage(), await context.newPage()];
  await cushion(page);
  await other.goto(page.url());
  await bench.settled(other);
  await server.kill();
  await width(page, "26 1/2");
  await other.getByLabel("Client").fill("Other tab");
  await expect(page.getByText("Not saved: trying again")).toBeVisible();
  await expect(other.getByText("Not saved: trying again")).toBeVisible();
  await other.close();
  await page.close();

  await server.start();
  const later = await context.newPage();
  await later.goto("/");
  await expect(later.getByRole("listitem").filter({ hasText: "Other tab" })).toBeVisible();
  await expect(waits(later)).toHaveCount(0);
  await later.getByRole("link", { name: "Unlucky" }).click();
  await bench.settled(later);
  await expect(measureField(later, "Width")).toHaveValue("26 1/2");
  await expect(later.getByLabel("Client")).toHaveValue("Other tab");
});

test("two tabs on one part, the server killed under both: one is written, the other is asked about", async ({
  browser,
}) => {
  const context = await begin(browser);
  const [page, other] = [await context.newPage(), await context.newPage()];
  await cushion(page);
  const address = page.url();
  await other.goto(address);
  await bench.settled(other);
  await server.kill();
  await width(page, "26");
  await expect(page.getByText("Not saved: trying again")).toBeVisible();
  await width(other, "27");
  await expect(other.getByText("Not saved: trying again")).toBeVisible();
  await server.start();
  const asked = (tab: Page) => tab.getByText("changed elsewhere in the meantime").count();
  await expect.poll(async () => (await asked(page)) + (await asked(other))).toBe(1);
  const [saved, waiting] = (await asked(page)) === 0 ? [page, other] : [other, page];
  await bench.settled(saved);
  await waiting.getByRole("button", { name: "Keep what is here" }).click();
  await bench.settled(waiting);
  await saved.reload();
  await bench.settled(saved);
  await expect(measureField(saved, "Width")).toHaveValue(waiting === page ? "26" : "27");
});

test("the disk is full: that is said where one types, reading goes on, and with room made it is written", async ({
  browser,
}) => {
  test.skip(!OwnServer.mayHaveDisk(), "this machine lets nobody mount a disk");
  const context = await begin(browser, 8);
  const page = await context.newPage();
  await cushion(page);
  const makeRoom = server.fill();
  await width(page, "26 1/2");
  await page.getByLabel("Client").fill("A client with a long name ".repeat(30));
  await expect(page.getByText("The disk is full")).toBeVisible();

  const reader = await context.newPage();
  await reader.goto(page.url());
  await expect(reader.getByRole("button", { name: "width: 21", exact: true })).toBeVisible(); // of a page that lives nothing is taken
  await reader.close();
  await page.getByRole("link", { name: "All jobs" }).click();
  await expect(waits(page)).toBeVisible();
  makeRoom();
  await expect(waits(page)).toHaveCount(0);
  await page.getByRole("link", { name: "Unlucky" }).click();
  await bench.settled(page);
  await page.reload();
  await bench.settled(page);
  await expect(measureField(page, "Width")).toHaveValue("26 1/2");
});

import { test as plain } from "@playwright/test";
import { OwnServer } from "./ownServer.js";
import { listenTo } from "./pageRecord.js";

export { expect, type Browser, type Page } from "@playwright/test";

/**
 * A test in a house of its worker's own: a server with the demo jobs, which no other worker's tests write to, so
 * that several run side by side. A test that fails says what its page showed and which requests went wrong.
 */
export const test = plain.extend<{ record: void }, { house: OwnServer }>({
  house: [
    // The first argument has to be taken apart, though nothing is asked for.
    async ({}, use) => {
      const house = new OwnServer({ demo: true });
      await house.start();
      await use(house);
      await house.end();
    },
    { scope: "worker", timeout: 300_000 },
  ],
  baseURL: async ({ house }, use) => use(house.address),
  record: [
    async ({ page }, use, test) => {
      const record = listenTo(page);
      await use();
      if (test.status !== test.expectedStatus) {
        await test.attach("page", { body: await record.text(), contentType: "text/plain" });
      }
    },
    { auto: true },
  ],
});

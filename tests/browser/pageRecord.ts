import type { Page } from "@playwright/test";

const mostEvents = 30;

/** Notes what goes wrong on a page, for the report of a test that fails. */
export function listenTo(page: Page): { text: () => Promise<string> } {
  const events: string[] = [];
  const note = (event: string) => {
    events.push(event);
    if (events.length > mostEvents) {
      events.shift();
    }
  };
  page.on("response", (answer) => {
    if (answer.status() >= 400) {
      note(`${answer.status()} ${answer.request().method()} ${answer.url()}`);
    }
  });
  page.on("requestfailed", (request) => {
    const reason = request.failure()?.errorText ?? "failed";
    if (reason !== "net::ERR_ABORTED") {
      note(`${reason} ${request.method()} ${request.url()}`); // what the page itself called off is no failure
    }
  });
  page.on("pageerror", (error) => note(`fault: ${error.message}`));
  page.on("console", (message) => {
    if (message.type() === "error") {
      note(`console: ${message.text()}`);
    }
  });
  return {
    async text() {
      const shown = await shownOn(page).catch((error: unknown) => String(error));
      return [`At ${page.url()}`, ...events, shown].join("\n");
    },
  };
}

/** What the page says to somebody who cannot see it, and the state its board claims. */
async function shownOn(page: Page): Promise<string> {
  const states = await page
    .locator(".board")
    .evaluateAll((boards) => boards.map((board) => JSON.stringify({ ...(board as HTMLElement).dataset })));
  return [...states, await page.locator("body").ariaSnapshot({ timeout: 10_000 })].join("\n");
}

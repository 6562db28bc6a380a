import { expect, type Page } from "@playwright/test";

/** What can be measured in one way alone is not asked about. */
const measuredBare = ["Slipcover", "Throw-over"];

/** Short ways of working at the bench, as a person would. */
export const bench = {
  /** From the list of jobs to a new cushion on the bench, by keyboard. */
  async startNew(page: Page) {
    await this.chooseThing(page, "Box cushion");
    await expect(measureField(page, "Width")).toBeFocused();
  },

  /** From the list of jobs to a thing chosen from the drawings, its filling measured bare; by keyboard. */
  async chooseThing(page: Page, thing: string, shape?: string) {
    await page.goto("/");
    await expect(page.getByRole("button", { name: "A thing to cover" })).toBeFocused();
    await page.keyboard.press("Enter");
    await expect(page.getByRole("button", { name: "Box cushion" })).toBeFocused();
    const card = page.locator(".thing-chooser li", {
      has: page.getByRole("button", { name: thing, exact: true }),
    });
    await (
      shape ? card.getByRole("button", { name: shape, exact: true }) : card.locator(".thing-take")
    ).focus();
    await page.keyboard.press("Enter");
    if (measuredBare.includes(thing)) {
      await expect(page.locator(".measure-panel :focus")).toBeVisible();
      await this.showAll(page);
      return;
    }

    await expect(page.locator('.from-choices [aria-checked="true"]')).toBeFocused();
    await this.showAll(page);
    await page.keyboard.press("Enter");
  },

  /** All stages at once; the focus stays where it is. */
  async showAll(page: Page) {
    await page.keyboard.press("Alt+a");
    await expect(page.locator('.board[data-stage="all"]')).toBeVisible();
  },

  /** Chooses a way of making it from the cards. */
  async makeAs(page: Page, name: string | RegExp) {
    await page.getByRole("radiogroup", { name: "Made as" }).getByRole("radio", { name }).click();
  },

  /** Types the measures in the order they are asked for. */
  async measure(page: Page, ...texts: string[]) {
    for (const text of texts) {
      await page.keyboard.type(text);
      await page.keyboard.press("Enter");
    }
  },

  /** Waits until the figures belong to what stands on the bench, and all is saved. */
  async settled(page: Page) {
    await expect(page.locator('.board[data-settled="true"]')).toBeVisible();
    await expect(page.getByRole("status").filter({ hasText: "Saved" })).toBeVisible();
  },
};

/** The job a page of the bench shows. */
export function jobOf(page: Page): string {
  return new URL(page.url()).pathname.split("/")[2] ?? "";
}

/** Waits until the other widths stand beside the figure too: they come after it. */
export async function compared(page: Page) {
  await expect(page.locator('.board[data-compared="true"]')).toBeVisible();
}

export function measureField(page: Page, label: string) {
  return page.locator(".measure-field", { hasText: label }).locator("input");
}

/** The cut list as it is read: “Plate 2: 22¼ × 20”. */
export async function cutList(page: Page): Promise<string[]> {
  const rows = page.locator(".pieces li");
  const list: string[] = [];
  for (let i = 0; i < (await rows.count()); i++) {
    const row = rows.nth(i);
    const name = await row.locator(".piece-words").textContent();
    const sizes = await row.locator(".size .visually-hidden").allTextContents();
    list.push(`${name} ${await row.locator(".piece-count").textContent()}: ${sizes.join(" × ")}`);
  }

  return list;
}

/** Another job like a demo job, so that no other test sees what is changed. */
export async function oneMoreLike(page: Page, job: string) {
  await page.goto("/");
  await page.getByRole("button", { name: `One more like ${job}`, exact: true }).click();
  await expect(page.getByLabel("Job name")).toHaveValue(`${job}, one more`);
  await page.getByLabel("Job name").fill("Worked by hand"); // other tests look for the demo jobs by their names
  await bench.settled(page);
}

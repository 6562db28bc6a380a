import { AxeBuilder } from "@axe-core/playwright";
import { expect, type Page } from "@playwright/test";

/** Holds the page as it stands to WCAG 2.2 AA, as far as a machine can tell. */
export async function expectClean(page: Page) {
  const { violations } = await new AxeBuilder({ page })
    // What passed is not asked for, and there are no frames: both would take longer than the looking does.
    .setLegacyMode()
    .options({ resultTypes: ["violations"] })
    .withTags(["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"])
    .analyze();
  expect(
    violations.map(({ id, nodes }) => `${id}: ${nodes.map((node) => node.target.join(" ")).join(", ")}`),
  ).toEqual([]);
}

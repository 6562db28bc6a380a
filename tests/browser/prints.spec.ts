import { jobOf, oneMoreLike } from "./bench.js";
import { expect, test } from "./house.js";

test("a motif is shown in its repeat on the roll and on the pieces, and the seams at which it goes on are counted", async ({
  page,
}) => {
  await page.goto("/jobs/teasel-chair-backs/cloth");
  const print = page.locator(".roll-row pattern").first();
  await expect(print).toHaveAttribute("width", /^228\.6/);
  await expect(print).toHaveAttribute("height", /^317\.5/);
  await expect(print.locator("path")).toHaveAttribute("fill", "#8f4a38");
  await expect(page.locator(".laid polygon").first()).toHaveAttribute("fill", /^url\(#/);
  await page.goto("/jobs/teasel-chair-backs/pieces");
  await expect(page.locator(".pieces pattern path").first()).toHaveAttribute("fill", "#8f4a38");
});

test("a check is begun from two colours and waits for its repeat; what matching costs stands beside each way", async ({
  page,
}) => {
  await oneMoreLike(page, "Storage ottoman");
  await page.goto(`/jobs/${jobOf(page)}/cloth`);
  await page.getByRole("button", { name: "pattern", exact: true }).click();
  const face = page.getByRole("group", { name: "What is seen of it" });
  await face.getByText("check", { exact: true }).click();
  await expect(face.getByText(/shown plain till then/)).toBeVisible();
  await page.getByLabel("repeat across").fill("6");
  await page.getByLabel("repeat down the roll").fill("6");
  await expect(face.getByText(/shown plain till then/)).toHaveCount(0);
  await expect(page.locator(".roll-row pattern rect")).toHaveCount(3);
  await face.getByLabel("stripe so wide").fill("9");
  await expect(page.getByText(/between 0 and 6 in/).first()).toBeVisible();
  await face.getByLabel("stripe so wide").fill("1");
  await expect(page.getByText(/The pattern meets at/)).toBeVisible();
  await expect(page.getByRole("radiogroup", { name: "Matched over" })).toContainText(/the whole set: .* yd/);
  await page.getByText(/^not met/).click();
  await expect(page.getByText(/The pattern meets at/)).toHaveCount(0);
});

import { expect, test } from "./house.js";

test("the cutting sheet is the cut list and marks on one page, and the lay and what to buy on another", async ({
  page,
}) => {
  await page.goto("/jobs/teasel-saloon/cutting-sheet");
  await expect(page.getByRole("heading", { name: /Settee seat, 3 alike/ })).toBeVisible();
  await expect(page.getByRole("heading", { name: /Settee back, 3 alike/ })).toBeVisible();
  await expect(
    page.getByText("Not on this sheet, because unfinished or too wide for the cloth: Companionway step"),
  ).toBeVisible();
  await expect(page.locator(".cut-list").first().locator("tbody tr").first()).toContainText("49½");
  await expect(page.locator(".cut-marks").first()).toContainText("3½ from the back and 24¾ from the left");
  await expect(page.locator(".sheet-buy")).toContainText("yd");
  await expect(page.getByRole("list", { name: "Notions to buy" })).toContainText("Piping cord");
  await expect(page.getByRole("img", { name: /The lay/ })).toBeVisible();
  await expect(page.getByText(/check your local rules/i)).toBeVisible();

  const pdf = (await page.pdf({ preferCSSPageSize: true })).toString("latin1");
  expect(pdf.match(/\/Type\s*\/Page\b/g)).toHaveLength(2);
});

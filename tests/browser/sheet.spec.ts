import { expect, test } from "./house.js";

test("the cutting sheet: the cut list on one page, then the lay under codes, the cuts, what to buy, and the same of the piping", async ({
  page,
}) => {
  await page.goto("/jobs/teasel-saloon/cutting-sheet");
  await expect(page.getByRole("heading", { name: /Settee seat, 3 alike, from Sandbar/ })).toBeVisible();
  await expect(page.getByRole("heading", { name: /Settee back, 3 alike, from Sandbar/ })).toBeVisible();
  await expect(
    page.getByText("Not on this sheet, because unfinished or too wide for the cloth: Companionway step"),
  ).toBeVisible();
  const plate = page.locator(".cut-list").first().locator("li").first();
  await expect(plate).toContainText("A1");
  await expect(plate).toContainText("49½ × 22¼ in; notch 3½, 20 from the back and 24¾ from the left"); // said for who cannot see
  await expect(plate.locator(".chalk-figure")).toHaveText(["31⁄2", "20", "243⁄4"]);
  await expect(page.locator(".cut-order li").first()).toContainText(/across .*6⅛ in.*A3/);
  await expect(page.locator(".sheet-buy").nth(1)).toContainText("Ebb navy");
  await expect(page.getByRole("list", { name: "Notions to buy" })).toContainText("Piping cord");
  await expect(page.getByRole("img", { name: /The lay/ }).nth(1)).toBeVisible();
  await expect(page.getByText(/check your local rules/i)).toBeVisible();

  const pdf = (await page.pdf({ preferCSSPageSize: true })).toString("latin1");
  expect(pdf.match(/\/Type\s*\/Page\b/g)).toHaveLength(4);
});

import { jobOf, oneMoreLike } from "./bench.js";
import { expect, test } from "./house.js";

const optionOf = (name: string) => `.ant-select-item-option:has-text("${name}")`;

test("a touched piece is given another cloth: what that adds and takes is said before, and undone it is as it was", async ({
  page,
}) => {
  await page.goto("/jobs/teasel-poufs/pieces");
  await page.getByRole("button", { name: /^Top and bottom, cut width/ }).click();
  await page.getByRole("combobox", { name: "top: cut from" }).click();
  const rust = page.locator(optionOf("Rust twill")).first();
  await expect(rust).toContainText(/−.*yd of Tarpaulin green.*\+.*yd of Rust twill/);
  await rust.click();
  const pieces = page.locator(".pieces");
  await expect(pieces.locator("li").filter({ hasText: "Bottom" })).toContainText("Tarpaulin green");
  await expect(pieces.locator("li").filter({ hasText: /Top(?! and)/ })).toContainText("Rust twill");
  await expect(page.getByText(/seams meet, folded up it closes/)).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(pieces.locator("li").filter({ hasText: "Top and bottom" })).toContainText("Tarpaulin green");
});

test("cloths are given with the keyboard alone, and take turns round the thing", async ({ page }) => {
  await page.goto("/jobs/teasel-poufs/pieces");
  const pieces = page.locator(".pieces");
  await expect(pieces.locator("li").filter({ hasText: "Side, front and back" })).toContainText("Rust twill");
  await expect(pieces.locator("li").filter({ hasText: "Side, left and right" })).toContainText("Buff canvas");
  await page.getByRole("button", { name: /^Strip, cut width/ }).press("Enter");
  const given = page.getByRole("combobox", { name: "strip: cut from" });
  await given.focus();
  await given.press("ArrowDown");
  await expect(page.locator(optionOf("Rust twill")).first()).toBeVisible();
  await given.fill("Rust");
  await given.press("Enter");
  await given.press("Escape");
  await expect(pieces.locator("li").filter({ hasText: "Strip, front left and back right" })).toContainText(
    "Buff canvas",
  );
  await expect(pieces.locator("li").filter({ hasText: "Strip, back left and front right" })).toContainText(
    "Rust twill",
  );
});

test("a cloth that parts are cut from has a roll of its own, shown without changing the cover’s", async ({
  page,
}) => {
  await page.goto("/jobs/teasel-poufs/cloth");
  await page.getByRole("button", { name: "Rust twill: side" }).click();
  await expect(page.getByLabel("Cloth", { exact: true }).locator("input").first()).toHaveValue("Rust twill");
  await expect(page.getByText("To buy of Rust twill")).toBeVisible();
  await expect(page.getByRole("list", { name: "To buy of the other cloths" })).toContainText(
    "Tarpaulin green",
  );
  await page.getByRole("button", { name: "Tarpaulin green", exact: true }).click();
  await expect(page.getByText("To buy of Tarpaulin green")).toBeVisible();
});

test("the cutting sheet lists each cloth with its own pieces", async ({ page }) => {
  await page.goto("/jobs/teasel-poufs/cutting-sheet");
  const buff = page.locator(".cut-list").filter({ hasText: "from Buff canvas" });
  await expect(buff).toContainText("Strip");
  await expect(buff).not.toContainText("Top and bottom");
  await expect(page.getByRole("heading", { name: /Lay of Rust twill/ })).toBeVisible();
});

test("a duvet is backed by a ready sheet, and says how many sheets to buy", async ({ page }) => {
  await page.goto("/jobs/teasel-duvets/cloth");
  await page.getByRole("button", { name: "Ready sheet: back face" }).click();
  await expect(page.getByTestId("buy").first()).toContainText("2 pieces");
  await page.goto("/jobs/teasel-duvets/pieces");
  await expect(page.locator(".pieces li").filter({ hasText: "Back face, the sheet" })).toContainText("80");
});

test("a top is joined from strips: their cloths and widths are said, each lies on its own roll, and it is left whole again", async ({
  page,
}) => {
  await oneMoreLike(page, "Saloon settees");
  await page.goto(`/jobs/${jobOf(page)}/pieces`);
  await page
    .getByRole("button", { name: /^Plates?, cut width/ })
    .first()
    .click();
  await page.getByRole("combobox", { name: "top: cut from" }).click();
  const strips = page.locator(optionOf("strips, joined")).first();
  await expect(strips).not.toContainText("…");
  await strips.click();
  const editor = page.getByRole("group", { name: "The strips of the top" });
  await expect(editor.getByRole("listitem")).toHaveCount(3);
  const pieces = page.locator(".pieces");
  await expect(pieces.locator("li").filter({ hasText: "Top plate, strip 2" })).toBeVisible();
  await expect(pieces.locator("li").filter({ hasText: "Top plate" }).first()).toContainText("3 strips");

  await editor.getByRole("combobox", { name: "Strip 2 of the top: cut from" }).click();
  const navy = page.locator(optionOf("Ebb navy")).last();
  await expect(navy).toContainText(/of /);
  await navy.click();
  await expect(pieces.locator("li").filter({ hasText: "Top plate, strip 2" })).toContainText("Ebb navy");
  await expect(page.getByText(/seams meet, folded up it closes/)).toBeVisible();

  // A width that does not fit is said at the place, and mended by leaving the part whole.
  await editor.getByLabel("Strip 1 of the top, finished width").fill("60");
  await expect(page.getByText(/come to .* nothing is left for the others/).first()).toBeVisible();
  await editor.getByLabel("Strip 1 of the top, finished width").fill("4");
  await expect(page.getByText(/nothing is left for the others/)).toHaveCount(0);
  await editor.getByRole("button", { name: "Leave it whole" }).click();
  await expect(pieces.locator("li").filter({ hasText: "strip 2" })).toHaveCount(0);
});

test("the cloths of a job stand side by side at the widths they are sold in, and one is taken", async ({
  page,
}) => {
  await page.goto("/jobs/teasel-poufs/cloth");
  await page.getByRole("button", { name: "Compare cloths" }).click();
  const table = page.getByRole("table", { name: "The cloths of the job" });
  await expect(table.getByRole("rowgroup").filter({ hasText: "Rust twill" })).toContainText("side");
  await expect(table.getByText("as it stands").first()).toBeVisible();
  await page.keyboard.press("Escape");
  await expect(table).toHaveCount(0);

  await oneMoreLike(page, "Saloon settees");
  await page.goto(`/jobs/${jobOf(page)}/cloth`);
  await page.getByRole("button", { name: "Compare cloths" }).click();
  await expect(table.getByRole("rowgroup").filter({ hasText: "Ebb navy" })).toContainText("piping casing");
  await expect(table).toContainText("least money");
  await page.getByRole("button", { name: "Lay Sandbar ticking at 60 in" }).click();
  await expect(table).toHaveCount(0);
  await expect(page.getByLabel("wide", { exact: true })).toHaveValue("60 in");
});

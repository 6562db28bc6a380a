import { expect, test } from "./house.js";
import { bench, cutList } from "./bench.js";

test.beforeEach(async ({ page }) => {
  await bench.startNew(page);
  await bench.measure(page, "21 1/4", "19", "4");
});

test("a touched number opens its working", async ({ page }) => {
  await page.getByRole("button", { name: /Boxing 2 of 2, cut length/ }).click();
  await expect(page.locator(".working")).toContainText("5");
  await expect(page.locator(".working")).toContainText("thickness");
  await page.getByRole("button", { name: /Perimeter/ }).click();
  await expect(page.locator(".working")).toContainText("2 × 21");
});

test("seam, pocket, fit and what was measured change the pieces", async ({ page }) => {
  await page.getByText("pocket", { exact: true }).click();
  await page.locator(".rule-field", { hasText: "seam" }).first().locator("input").fill("5/8");
  await page.getByRole("radio", { name: /snug, thinner than the filling/ }).click();
  await bench.settled(page);
  const list = await cutList(page);
  expect(list[0]).toBe("Plate 2: 22½ × 20¼");
  expect(list).toContain("Boxing 2 of 2 1: 53 × 4⅞");
  await page.getByLabel("How many alike").fill("6");
  await bench.settled(page);
  expect((await cutList(page))[0]).toBe("Plate 12: 22½ × 20¼");
});

test("one touch makes a figure the house's default, and it is marked", async ({ page }) => {
  const seam = page.locator(".rule-field", { hasText: /^seam/i });
  await expect(seam).toContainText("usual");
  await seam.locator("input").fill("9/16");
  await seam.getByRole("button", { name: "make usual" }).click();
  await expect(seam).toContainText("house default");

  await page.getByRole("button", { name: "+ Cover" }).click();
  await page.getByRole("button", { name: "Box cushion", exact: true }).click();
  await expect(seam.locator("input")).toHaveAttribute("placeholder", "9/16 in");
  await expect(seam).toContainText("house default");

  // Put the house back as it was, for the tests after this one.
  const house = await page.request.get("/api/house");
  const etag = house.headers()["etag"] ?? "";
  expect(
    (await page.request.put("/api/house", { data: { rules: {} }, headers: { "If-Match": etag } })).ok(),
  ).toBe(true);
});

test("a check offers its mend and one touch puts it right", async ({ page }) => {
  await page.getByRole("textbox", { name: "zip turn", exact: true }).fill("19");
  await expect(page.getByText("it would run into the front corner").first()).toBeVisible(); // its card says so too, a moment later
  await page.getByRole("button", { name: "Zip turn 18½ in" }).click();
  await expect(page.getByText("it would run into the front corner")).toHaveCount(0);
  await bench.settled(page);
  expect((await cutList(page))[1]).toBe("Zip boxing 1, 2 of 2 4: 30⅛ × 3¼");
});

test("cloth, zip, cord and foam stand with what to buy, and another width is one touch away", async ({
  page,
}) => {
  await page.getByRole("radiogroup", { name: "Piping" }).getByRole("radio", { name: /^both/ }).click();
  await page.getByRole("textbox", { name: "Cloth", exact: true }).fill("Mud-flat linen");
  await page.getByLabel("price a yard").fill("12,50");
  await bench.settled(page);
  const notions = page.getByRole("list", { name: "Notions to buy" });
  await expect(notions).toContainText("Zip off the roll, 28¼ in");
  await expect(notions).toContainText("Piping cord, 4¾ yd");
  await expect(notions).toContainText("Foam block, 21¼ × 19 × 4 in");
  await expect(page.locator(".widths tr")).toHaveCount(6);
  await page.getByRole("button", { name: "60 in" }).click();
  await expect(page.getByText("59 in usable")).toBeVisible();
  await page.getByLabel("wide").fill("wide");
  await expect(page.getByText("“wide” is not a unit or a number")).toBeVisible();
  await page.getByLabel("wide").fill("54");
  await page.getByText("nap, one way").click();
  await bench.settled(page);
  await expect(page.getByTestId("buy")).toBeVisible();
});

test("every construction is drafted on the bench", async ({ page }) => {
  for (const [label, piece] of [
    [/^Wrap, corners notched first/, "Wrap 1: 26¼ × 47"],
    [/^Wrap, corners folded after/, "Wrap 1: 26¼ × 47½"],
    [/^Two panels, corners folded after/, "Panel 2: 26¼ × 24¼"],
  ] as const) {
    await bench.makeAs(page, label);
    await bench.settled(page);
    expect(await cutList(page)).toEqual([piece]);
  }
});

test("a cover too wide for the cloth is told, left out by name, and the width shows no figure", async ({
  page,
}) => {
  await page.goto("/jobs/teasel-saloon");
  await bench.makeAs(page, /^Wrap, corners notched first/);
  await page.getByText("nap, one way").click();
  await bench.settled(page);
  await expect(page.getByText("turned or joined it does not fit either").first()).toBeVisible();
  await expect(page.locator(".left-out")).toHaveText("Without Settee seat, Companionway step");
  await expect(page.locator(".widths tr", { hasText: "54 in" })).toContainText("–");
  await page.getByRole("button", { name: "Undo" }).click();
  await page.getByRole("button", { name: "Undo" }).click();
  await bench.settled(page);
  await expect(page.locator(".left-out")).toHaveText("Without Companionway step");
});

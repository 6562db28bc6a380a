import { expect, test } from "./house.js";
import { bench } from "./bench.js";

test("a cabin as one job: six kinds of thing on three cloths, from empty to the printed sheet", async ({
  page,
}) => {
  await bench.chooseThing(page, "Mattress", "cut corner");
  const cloth = page.getByRole("region", { name: "Cloth" });
  await bench.measure(page, "48", "76", "14", "20", "5");
  await cloth.getByLabel("Cloth", { exact: true }).fill("Mudflat linen");
  await page.getByPlaceholder("Name this job").fill("Guest cabin");

  const add = async (thing: string, ...measures: string[]) => {
    await page.getByRole("button", { name: "+ Cover" }).click();
    await page.getByRole("button", { name: thing, exact: true }).click();
    await page.keyboard.press("Enter");
    await bench.measure(page, ...measures);
  };
  const another = async (name: string, width: string) => {
    await cloth.getByRole("button", { name: /another cloth/ }).click();
    await cloth.getByLabel("Cloth", { exact: true }).fill(name);
    await cloth.getByLabel("wide").fill(width);
  };

  await add("Fitted sheet", "48", "76", "5");
  await bench.settled(page);
  await expect(cloth.getByText(/Fitted sheet: the top cannot be joined/)).toBeVisible();
  await another("Tern sheeting", "94");
  await add("Duvet", "78", "86");
  await another("Eider cotton", "45");
  await bench.settled(page);
  await expect(page.getByText("To buy of Eider cotton")).toBeVisible();

  await add("Bolster", "8", "36");
  await page.keyboard.type("2");
  await expect(cloth.getByRole("button", { name: "Mudflat linen" })).toHaveAttribute("aria-pressed", "true");
  await add("Chair back", "18", "2", "20");
  await page.keyboard.type("4");
  await page.getByRole("radio", { name: /reversible/ }).click();
  await bench.settled(page);
  await expect(page.getByRole("navigation", { name: "Covers of this job" })).not.toContainText("unfinished");
  const others = page.getByRole("list", { name: "To buy of the other cloths" }).getByRole("listitem");
  await expect(others).toHaveText([/yd of Tern sheeting/, /yd of Eider cotton/]);

  await page.getByRole("link", { name: /^Cut/ }).click();
  await page.getByRole("link", { name: "On paper" }).click();
  await expect(page.getByRole("heading", { name: /^Lay of/ })).toHaveText([
    /Mudflat linen/,
    /Tern sheeting/,
    /Eider cotton/,
  ]);
  await expect(page.getByRole("heading", { name: /Chair back, 4 alike, from Mudflat linen/ })).toBeVisible();
  await expect(page.locator(".sheet-buy")).toHaveCount(3);
  const pdf = (await page.pdf({ preferCSSPageSize: true })).toString("latin1");
  expect(pdf.match(/\/Type\s*\/Page\b/g)?.length).toBeLessThanOrEqual(5); // the first cut list, and each cloth's lay whole on a page

  // The cloths are found again, each with its covers.
  await page.getByRole("link", { name: /Back to the bench/ }).click();
  await page.getByRole("button", { name: /^Duvet/ }).click();
  await expect(cloth.getByRole("button", { name: "Eider cotton" })).toHaveAttribute("aria-pressed", "true");
});

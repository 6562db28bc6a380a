import { expect, test } from "./house.js";
import { expectClean } from "./axe.js";
import { bench, cutList } from "./bench.js";

test("a wing chair is measured on its parts laid open: begun with a preset, touched, doubled, taken off, and read back as a table", async ({
  page,
}) => {
  await page.goto("/");
  await page.getByRole("button", { name: "A thing to cover" }).click();
  await page.getByRole("button", { name: "Slipcover", exact: true }).click();
  await expect(page.getByRole("button", { name: "Armchair" })).toBeFocused();
  await expectClean(page);
  await page.getByRole("button", { name: "Wing chair" }).click();
  const net = page.getByRole("group", { name: "The parts, laid open" });
  const part = (name: string) => net.getByRole("button", { name: new RegExp(`^${name}: `) });
  await expect(net.getByRole("button", { name: /: not taken$/ })).toHaveCount(14);

  // In the order a hand takes them; the gap only where something goes down it.
  await expect(page.getByLabel("Inside back: width")).toBeFocused();
  await bench.measure(page, "24", "27", "3", "27", "24", "23");
  await expect(page.getByLabel("Inside arm: height")).toBeFocused();
  await expect(part("Inside back")).toHaveAccessibleName("Inside back: 24 × 27");
  await expect(page.getByText("2 of 9", { exact: true })).toBeVisible();

  // A part is lit by a touch, also on its other hand.
  await net.getByRole("button", { name: /^Outside arm, the other hand: / }).click();
  await expect(part("Outside arm")).toHaveAttribute("aria-pressed", "true");
  await expect(page.getByLabel("Outside arm: width")).toBeFocused();

  // An edge that goes down a gap asks how deep the gap is.
  await net.getByRole("button", { name: "The bottom of the outside arm goes down a gap" }).click();
  await page.getByRole("button", { name: /^depth of the gap/ }).click();
  await bench.measure(page, "2");
  await net.getByRole("button", { name: /^Outside arm: / }).click();
  await net.getByRole("button", { name: "The bottom of the outside arm goes down a gap" }).click();
  await expect(page.getByRole("button", { name: /^depth of the gap/ })).toHaveCount(0);

  // The other hand is let go, and comes back.
  await page.getByRole("button", { name: "has a twin" }).click();
  await expect(net.getByRole("button", { name: /^Outside arm, the other hand: / })).toHaveCount(0);
  await page.getByRole("button", { name: "has a twin" }).click();
  await expect(net.getByRole("button", { name: /^Outside arm, the other hand: / })).toHaveCount(1);

  await part("Outside wing").click();
  await page.getByRole("button", { name: "take off the outside wing" }).click();
  await expect(part("Outside wing")).toHaveCount(0);
  await page.getByRole("button", { name: "+ add a part" }).click();
  await page.getByRole("button", { name: "Another part" }).click();
  await page.getByLabel("Name of the part").selectText();
  await page.keyboard.type("Cap over the hinge");
  await expect(part("Cap over the hinge")).toBeVisible();
  await part("Cap over the hinge").click();
  await bench.measure(page, "6", "5");
  await expectClean(page);

  // What is left is measured by keyboard alone, from where the tape stands to the end.
  const rest: Record<string, string[]> = {
    "Inside arm": ["15", "3"],
    "Outside arm": ["26", "14"],
    "Arm front": ["5", "18"],
    "Inside wing": ["11", "16", "1 1/2"],
    Deck: ["22", "21", "3"],
    "Deck front": ["26", "9"],
  };
  for (const [name, texts] of Object.entries(rest)) {
    await part(name).click();
    await expect(page.getByLabel(new RegExp(`^${name}: (width|height)`))).toBeFocused(); // what is missing of it
    await bench.measure(page, ...texts);
  }

  await expect(net.getByRole("button", { name: /: not taken$/ })).toHaveCount(0);

  // A length taken twice: the larger holds, and that the two disagree is said with its mends.
  await part("Deck").click();
  await page.getByRole("button", { name: "+ second reading" }).click();
  await page.getByLabel("Second reading of the deck: width").fill("22 1/2");
  await expect(page.getByText("Two readings of the deck’s width differ by ½ in")).toBeVisible();
  await page.getByRole("button", { name: "Keep 22½ only" }).click();
  await expect(page.getByRole("button", { name: "width 22 1/2" })).toBeVisible();
  await expect(page.getByText(/Two readings of/)).toHaveCount(0);
  await bench.settled(page);
  await page.getByRole("tab", { name: "as a table" }).click();
  await expect(page.getByLabel("width of part 1")).toHaveValue("24");
  await expect(page.getByLabel("how many of part 3")).toHaveValue("2");
  await page.reload();
  await bench.settled(page);
  await expect(part("Cap over the hinge")).toHaveAccessibleName("Cap over the hinge: 6 × 5");
  await bench.showAll(page);
  expect((await cutList(page)).some((piece) => piece.startsWith("Inside back 1: 33 × 33"))).toBe(true);
});

test("a sofa brings a cover for its loose cushions, and a length that cannot be read is said", async ({
  page,
}) => {
  await page.goto("/");
  await page.getByRole("button", { name: "A thing to cover" }).click();
  await page.getByRole("button", { name: "Slipcover", exact: true }).click();
  await page.getByLabel("How many cushions the sofa has").fill("0");
  await expect(page.getByRole("button", { name: "Sofa", exact: true })).toBeDisabled();
  await page.getByLabel("How many cushions the sofa has").fill("2");
  await page.getByRole("button", { name: "Sofa", exact: true }).click();
  await expect(page.getByLabel("Inside back: width")).toBeFocused();
  await page.keyboard.type("wide");
  await expect(page.getByText(/Inside back, width/)).toBeVisible();
  await expect(page.getByLabel("Inside back: width")).toHaveValue("wide");
  await page.getByLabel("Inside back: width").fill("72");
  await expect(page.getByText(/Inside back, width/)).toHaveCount(0);
  await page.getByRole("button", { name: /^Sofa cushion/ }).click();
  await expect(page.getByText("2 alike")).toBeVisible();
});

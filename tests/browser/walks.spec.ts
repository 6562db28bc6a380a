import { expect, test, type Page } from "./house.js";
import { expectClean } from "./axe.js";
import { bench, cutList } from "./bench.js";

/** Every form as a hand would measure it: thing, shape (when not the first), what is typed, rows of a list. */
const walks: {
  thing: string;
  shape?: string;
  /** The parts it is begun with. */
  preset?: string;
  measures?: string[];
  rows?: string[][];
  first: RegExp;
}[] = [
  { thing: "Box cushion", measures: ["21 1/4", "19", "4"], first: /^Plate 2: 22¼ × 20/ },
  { thing: "Box cushion", shape: "T, two ears", measures: ["24", "20", "4", "6", "4"], first: /^Plate 2/ },
  { thing: "Seat pad", measures: ["16", "15", "1"], first: /^Face 2/ },
  {
    thing: "Seat pad",
    shape: "widths at stations",
    rows: [
      ["0", "16"],
      ["8", "17"],
      ["15", "14"],
    ],
    measures: ["15", "1"],
    first: /^Face 2/,
  },
  { thing: "Bolster", measures: ["6 1/2", "24"], first: /^Band/ },
  { thing: "Ottoman", measures: ["28", "20", "15"], first: /^Top 1: 29 × 21/ },
  { thing: "Pouf", measures: ["22", "2 1/4"], first: /^Top and bottom 2: 27¼ × 27¼/ },
  { thing: "Chair back", measures: ["18 1/2", "2 1/4", "21"], first: /22½/ },
  { thing: "Headboard", measures: ["52", "26", "3"], first: /56 × 29/ },
  {
    thing: "Slipcover",
    preset: "Dining chair",
    measures: ["18", "20", "2", "18", "22", "18", "17", "2", "18", "6"],
    first: /^Inside back 1/,
  },
  { thing: "Throw-over", measures: ["60", "72", "52", "34", "4"], first: /^Seat/ },
  { thing: "Mattress", shape: "cut corner", measures: ["52", "76", "14", "30", "6"], first: /^Plate/ },
  { thing: "Fitted sheet", measures: ["36", "75", "5"], first: /^(Top|Sheet)/ },
  {
    thing: "Changing pad",
    shape: "contoured",
    measures: ["28", "14", "2 3/4", "1 3/4", "7", "1"],
    first: /^(Band|End)/,
  },
  { thing: "Duvet", measures: ["50", "60"], first: /^(Face|Front)/ },
  { thing: "Pillowcase", measures: ["20", "26"], first: /^(Face|Front|Case)/ },
  { thing: "Table", shape: "round", measures: ["36", "8"], first: /^Top 1: 36¾ × 36¾/ },
  { thing: "Board", measures: ["18", "12"], first: /^Top 1/ },
  {
    thing: "Board",
    shape: "traced outline",
    rows: [
      ["0", "0", ""],
      ["14", "0", ""],
      ["14", "30", ""],
      ["7", "46", ""],
      ["0", "30", ""],
    ],
    first: /^(Top|Cover)/,
  },
];

async function typeRows(page: Page, rows: string[][]) {
  await expect(page.locator('[data-cell="0.0"]')).toBeFocused();
  for (const row of rows) {
    for (const text of row) {
      await page.keyboard.type(text);
      await page.keyboard.press("Enter");
    }
  }
}

for (const { thing, shape, preset, measures = [], rows, first } of walks) {
  test(`${thing}${shape ? `, ${shape},` : ""} from empty to its cut list by keyboard`, async ({ page }) => {
    await bench.chooseThing(page, thing, shape);
    await bench.settled(page);
    if (preset) {
      await page.getByRole("button", { name: preset }).focus();
      await page.keyboard.press("Enter");
      await expect(page.locator(".part-taking input").first()).toBeFocused();
    }

    if (rows) {
      await typeRows(page, rows);
      await page.keyboard.press("Alt+m");
    }

    await bench.measure(page, ...measures);
    await bench.settled(page);
    await expect(page.getByText("example", { exact: true })).toHaveCount(0);
    const pieces = await cutList(page);
    expect(
      pieces.some((piece) => first.test(piece)),
      pieces.join("; "),
    ).toBe(true);
    await expect(page.getByTestId("buy")).toBeVisible();
    await expectClean(page);
  });
}

test("from the list of jobs to a complete cut list of a box cushion in at most 25 keys", async ({ page }) => {
  await page.goto("/");
  await expect(page.getByRole("button", { name: "A thing to cover" })).toBeFocused();
  let keys = 0;
  const press = async (key: string) => {
    keys++;
    await page.keyboard.press(key);
  };
  await press("Enter");
  await expect(page.getByRole("button", { name: "Box cushion" })).toBeFocused();
  await press("Enter");
  await expect(page.locator('.from-choices [aria-checked="true"]')).toBeFocused();
  for (const text of ["", "21 1/4", "19", "4"]) {
    for (const letter of text) {
      await press(letter === " " ? "Space" : letter);
    }

    await press("Enter");
  }

  await press("Alt+p");
  await bench.settled(page);
  expect(await cutList(page)).toContain("Plate 2: 22¼ × 20");
  expect(keys).toBeLessThanOrEqual(25);
});

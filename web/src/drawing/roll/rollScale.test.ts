import { expect, test } from "vitest";
import { yardage } from "../../testing";
import { layoutIn, layoutOnPaper, type RollLayout } from "./rollScale";

const long = (length: number) => ({ ...yardage, buy: yardage.buy && { ...yardage.buy, buy: length } });

/** Every place of the roll is in a row, and the rows follow one another. */
function isWhole({ rows }: RollLayout, length: number) {
  expect(rows[0]?.from).toBe(0);
  expect(rows.at(-1)?.to).toBeGreaterThanOrEqual(length);
  for (const [i, row] of rows.slice(1).entries()) {
    expect(row.from).toBeCloseTo(rows[i]?.to ?? -1, 6);
  }
}

test("the whole roll is drawn, on the bench and on paper, however long", () => {
  for (const length of [300, 2971.8, 9144, 45000]) {
    for (const layout of [
      layoutIn(long(length), "in", { width: 900, height: 300 }),
      layoutOnPaper(long(length), "in", 700),
    ]) {
      expect(layout).not.toBeNull();
      isWhole(layout as RollLayout, length);
      for (const { from, to } of layout?.rows ?? []) {
        expect((to - from) * (layout?.scale ?? 1)).toBeLessThanOrEqual(900);
      }
    }
  }
});

test("on paper the smallest piece is wide enough for its code, as far as three rows go on a sheet", () => {
  const strip = [
    [0, 0],
    [700, 0],
    [700, 80],
    [0, 80],
  ];
  const narrow = { ...long(9144), pieces: yardage.pieces.map((piece) => ({ ...piece, outline: strip })) };
  const layout = layoutOnPaper(narrow, "in", 700);
  expect((layout?.scale ?? 0) * 80).toBeGreaterThan(15);
  expect(layout?.rows.length).toBeGreaterThan(2);
  expect(layoutOnPaper(long(2000), "in", 700)?.rows).toHaveLength(1);
});

test("nothing is drawn where nothing lies, and on a page that is still being laid out", () => {
  expect(layoutIn({ ...yardage, lay: null }, "in", { width: 900, height: 300 })).toBeNull();
  expect(layoutOnPaper({ ...yardage, buy: null }, "in", 700)).toBeNull();
  expect(layoutIn(yardage, "cm", { width: 12, height: 300 })).toBeNull();
});

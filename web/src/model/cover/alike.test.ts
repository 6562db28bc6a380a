import { expect, test } from "vitest";
import type { Piece } from "../../api/client";
import { alike } from "./alike";

const piece = (key: string, name: string, cutWidth: number, quantity = 1) =>
  ({ key, id: key.replace(/-\d$/, ""), name, cutWidth, cutLength: 127, quantity }) as Piece;

test("the sides of a joined plate stand in one row under both names", () => {
  const sides = [piece("plate", "Plate, left side", 95, 6), piece("plate", "Plate, right side", 95, 6)];
  expect(alike(sides).map(({ name, quantity }) => `${quantity} ${name}`)).toEqual(["12 Plate, both sides"]);
});

test("parts of one strip cut to the same size stand in one row", () => {
  const rows = alike([
    piece("plate", "Plate", 500, 2),
    piece("boxing-1", "Boxing 1 of 3", 700),
    piece("boxing-2", "Boxing 2 of 3", 1346),
    piece("boxing-3", "Boxing 3 of 3", 700.004),
  ]);
  expect(rows.map(({ name, quantity }) => `${quantity} ${name}`)).toEqual([
    "2 Plate",
    "2 Boxing 1, 3 of 3",
    "1 Boxing 2 of 3",
  ]);
});

test("a left and a right of one size stand in one row, blocks of two zones never do", () => {
  const rows = alike([
    piece("block", "Inside arm, left", 95),
    piece("block", "Inside arm, right", 95),
    piece("block", "Deck", 95),
  ]);
  expect(rows.map(({ name, quantity }) => `${quantity} ${name}`)).toEqual([
    "2 Inside arm, left and right",
    "1 Deck",
  ]);
});

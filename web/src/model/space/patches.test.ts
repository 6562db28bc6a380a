import { expect, it } from "vitest";
import { patchAt, patchesOf } from "./patches";

const square = [
  [0, 0],
  [10, 0],
  [10, 6],
  [0, 6],
];
const strip = (piece: string, left: number, right: number) => ({
  piece,
  flat: [
    [left, 0],
    [right, 0],
    [right, 6],
    [left, 6],
  ],
});
const facet = { piece: "top", copy: 1, flat: square, space: [] };

it("a facet that is cut whole is drawn as it lies", () => {
  const [patch] = patchesOf([facet]);
  const lies: [number, number, number][] = [
    [1, 2, 3],
    [4, 5, 6],
    [7, 8, 9],
    [1, 1, 1],
  ];
  expect(patch).toMatchObject({ facet: 0, piece: "top", from: null });
  expect(patchAt(patch!, lies)).toBe(lies);
});

it("strips lie on their facet wherever it is turned to", () => {
  const patches = patchesOf([facet, { ...facet, strips: [strip("a", 0, 4), strip("b", 4, 10)] }]);
  expect(patches.map(({ facet: of, piece }) => [of, piece])).toEqual([
    [0, "top"],
    [1, "a"],
    [1, "b"],
  ]);
  // The facet stands upright: across is x, along is up.
  const standing = square.map(([x = 0, y = 0]): [number, number, number] => [x + 100, 50, y]);
  expect(
    patchAt(patches[2]!, standing).map((corner) => corner.map((value) => Math.round(value * 1e6) / 1e6)),
  ).toEqual([
    [104, 50, 0],
    [110, 50, 0],
    [110, 50, 6],
    [104, 50, 6],
  ]);
});

import { expect, test } from "vitest";
import { turned } from "./turned";

const slanted = [
  [10, 5],
  [30, 5],
  [30, 45],
  [20, 45],
];

test.each([
  [0, [0, 0], [20, 40]],
  [90, [40, 0], [0, 20]],
  [180, [20, 40], [0, 0]],
  [270, [0, 20], [40, 0]],
])("a quarter turn of %i degrees puts the least corner at the origin", (turn, first, third) => {
  const corners = turned(slanted, turn);
  expect(corners[0]).toEqual(first);
  expect(corners[2]).toEqual(third);
  expect(Math.min(...corners.map(([x]) => x))).toBe(0);
  expect(Math.min(...corners.map(([, y]) => y))).toBe(0);
});

import { expect, test } from "vitest";
import { crossings } from "./crossing";
import type { Space } from "./projection";

const ground: Space[] = [
  [0, 0, 0],
  [100, 0, 0],
  [100, 100, 0],
  [60, 100, 0],
  [60, 40, 0],
  [40, 40, 0],
  [40, 100, 0],
  [0, 100, 0],
];

/** A sheet that stands on edge at this place, this far below the ground and as far above it. */
const standing = (x: number, y: number, depth: number): Space[] => [
  [x - 5, y, -depth],
  [x + 5, y, -depth],
  [x + 5, y, depth],
  [x - 5, y, depth],
];

test("a sheet that goes through another is found, and how deep", () => {
  const [found] = crossings([ground, standing(20, 50, 8)], 1);
  expect(found).toMatchObject({ one: 1, other: 0, depth: 8 });
});

test("what touches, lies beside, stands in a hollow or goes in by less is no crossing", () => {
  for (const sheet of [
    standing(20, 50, 0.9),
    standing(120, 50, 20),
    standing(50, 80, 8), // in the notch
    ground.map(([x, y, z]): Space => [x, y, z + 0.5]),
    standing(20, 50, 8).map(([x, y, z]): Space => [x, y, z + 8]), // stands on it
  ]) {
    expect(crossings([ground, sheet], 1)).toEqual([]);
  }
});

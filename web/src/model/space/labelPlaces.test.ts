import { expect, test } from "vitest";
import { spread } from "./labelPlaces";
import type { Flat } from "./projection";

const size = { width: 400, height: 240 };
const apart = ([a, b]: [Flat, Flat]) => Math.abs(a[0] - b[0]) >= 60 || Math.abs(a[1] - b[1]) >= 35;

test("readings that stand apart stay where they are", () => {
  const centres: Flat[] = [
    [100, 50],
    [300, 200],
  ];
  expect(spread(centres, size)).toEqual(centres);
});

test.each([
  [
    [
      [100, 100],
      [100, 100],
    ],
  ],
  [
    [
      [100, 100],
      [120, 110],
      [110, 90],
    ],
  ],
  [
    [
      [-50, 10],
      [-40, 12],
      [500, 239],
      [480, 500],
    ],
  ],
  [
    [
      [200, 120],
      [200, 121],
      [200, 122],
      [200, 123],
      [200, 124],
      [200, 125],
    ],
  ],
] as [Flat[]][])("%j come to lie apart, all on the drawing", (centres) => {
  const placed = spread(centres, size);
  for (let i = 0; i < placed.length; i++) {
    const [x, y] = placed[i]!;
    expect(x).toBeGreaterThanOrEqual(30);
    expect(x).toBeLessThanOrEqual(370);
    expect(y).toBeGreaterThanOrEqual(16);
    expect(y).toBeLessThanOrEqual(224);
    for (let k = i + 1; k < placed.length; k++) {
      expect(apart([placed[i]!, placed[k]!])).toBe(true);
    }
  }
});

import { expect, test } from "vitest";
import { dimensions, plan } from "./cushion";
import { fitting, project, type Space } from "./projection";

const length = (a: Space, b: Space) =>
  Math.hypot(project(a)[0] - project(b)[0], project(a)[1] - project(b)[1]);

test("lengths along one axis stay in proportion wherever they lie", () => {
  const one = length([0, 0, 0], [100, 0, 0]);
  expect(length([30, 50, 7], [230, 50, 7])).toBeCloseTo(2 * one);
});

test("everything lands inside its box at one scale", () => {
  const points: Space[] = [
    ...plan({ front: 1200, back: 900, depth: 500, thickness: 100 }),
    [0, 0, 100],
    [1050, 500, 100],
  ];
  const { place, scale } = fitting(points, 400, 300, { x: 50, y: 40 });
  expect(scale).toBeGreaterThan(0);
  for (const [x, y] of points.map(place)) {
    expect(x).toBeGreaterThanOrEqual(50 - 1e-6);
    expect(x).toBeLessThanOrEqual(350 + 1e-6);
    expect(y).toBeGreaterThanOrEqual(40 - 1e-6);
    expect(y).toBeLessThanOrEqual(260 + 1e-6);
  }
});

test("each measure of a shape has its dimension line, as long as the measure", () => {
  const cushion = { front: 600, back: 400, depth: 500, thickness: 100 };
  const long = Object.fromEntries(
    dimensions(cushion, true).map(({ measure, from, to }) => [
      measure,
      Math.hypot(...from.map((value, i) => value - (to[i] ?? 0))),
    ]),
  );
  expect(long).toEqual({ frontWidth: 600, backWidth: 400, depth: 500, thickness: 100 });
  expect(dimensions({ ...cushion, back: 600 }, false).map(({ measure }) => measure)).toEqual([
    "width",
    "depth",
    "thickness",
  ]);
});

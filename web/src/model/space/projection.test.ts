import { expect, test } from "vitest";
import { fitting, project, type Space } from "./projection";

const length = (a: Space, b: Space) =>
  Math.hypot(project(a)[0] - project(b)[0], project(a)[1] - project(b)[1]);

test("lengths along one axis stay in proportion wherever they lie", () => {
  const one = length([0, 0, 0], [100, 0, 0]);
  expect(length([30, 50, 7], [230, 50, 7])).toBeCloseTo(2 * one);
});

test("everything lands inside its box at one scale", () => {
  const points: Space[] = [
    [0, 0, 0],
    [1200, 0, 0],
    [1050, 500, 0],
    [150, 500, 0],
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

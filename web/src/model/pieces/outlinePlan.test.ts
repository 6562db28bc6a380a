import { expect, test } from "vitest";
import { cornersFrom, lengthText, middleOf, pathOf, riseTo, type PlanCorner } from "./outlinePlan";

const square: PlanCorner[] = [
  { x: 0, y: 0, rise: 20 },
  { x: 400, y: 0, rise: 0 },
  { x: 400, y: 300, rise: -30 },
  { x: 0, y: 300, rise: 0 },
];

test("an edge bulges outwards to the front, inwards from the back, and its middle leads back to its rise", () => {
  expect(middleOf(square, 0)).toEqual([200, -20]);
  expect(middleOf(square, 2)).toEqual([200, 270]);
  square.forEach((corner, i) => expect(riseTo(square, i, middleOf(square, i))).toBeCloseTo(corner.rise));
  expect(riseTo(square, 1, [450, 100])).toBeCloseTo(50);
});

test("bulged edges are arcs through the rise, the others straight", () => {
  const path = pathOf(square, ([x, y]) => [x, 300 - y], 1);
  // (200² + 20²) / (2 × 20) = 1010; (200² + 30²) / (2 × 30) = 681.7
  expect(path).toBe(
    "M0.0 300.0A1010.0 1010.0 0 0 0 400.0 300.0L400.0 0.0A681.7 681.7 0 0 1 0.0 0.0L0.0 300.0Z",
  );
});

test.each([
  [304.8, "in", "12"],
  [314.4, "in", "12 3/8"],
  [6.4, "in", "1/4"],
  [-12.7, "in", "-1/2"],
  [0, "in", "0"],
  [317.2, "mm", "317"],
  [317.2, "cm", "31.7"],
] as const)("%d mm is said in %s as %s", (millimetres, unit, text) => {
  expect(lengthText(millimetres, unit)).toBe(text);
});

test("no plan is drawn while a corner cannot be read", () => {
  const read: Record<string, number> = { "points.0.x": 0, "points.0.y": 0, "points.1.x": 5 };
  expect(cornersFrom(1, (name) => read[name])).toEqual([{ x: 0, y: 0, rise: 0 }]);
  expect(cornersFrom(2, (name) => read[name])).toBeNull();
});

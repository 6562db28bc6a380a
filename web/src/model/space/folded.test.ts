import { expect, test } from "vitest";
import { facesInSight } from "./folded";

const square = (corners: number[][]) => ({ piece: "plate", copy: 1, flat: corners, space: corners });

test("of a box only top, front and right side are in sight, and the top is drawn after what lies behind it", () => {
  const [w, d, h] = [10, 8, -4];
  const faces = facesInSight([
    square([
      [0, 0, 0],
      [w, 0, 0],
      [w, d, 0],
      [0, d, 0],
    ]),
    square([
      [0, 0, h],
      [w, 0, h],
      [w, 0, 0],
      [0, 0, 0],
    ]),
    square([
      [w, 0, h],
      [w, d, h],
      [w, d, 0],
      [w, 0, 0],
    ]),
    square([
      [w, d, h],
      [0, d, h],
      [0, d, 0],
      [w, d, 0],
    ]),
    square([
      [0, d, h],
      [w, d, h],
      [w, 0, h],
      [0, 0, h],
    ]),
  ]);
  expect(faces.map((face) => face.facing).sort()).toEqual(["face-front", "face-side", "face-top"]);
});

test("nothing folded draws nothing", () => {
  expect(facesInSight([])).toEqual([]);
});

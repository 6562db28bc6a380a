import { render } from "@testing-library/react";
import { expect, test } from "vitest";
import type { Piece } from "../../api/client";
import { PieceShape } from "./PieceShape";

const piece = {
  id: "plate",
  outline: [
    [0, 0],
    [100, 0],
    [100, 50],
    [0, 50],
  ],
  stitchLine: [
    [10, 10],
    [90, 10],
    [90, 40],
    [10, 40],
  ],
  strokes: [
    {
      layer: "notch",
      points: [
        [100, 25],
        [95, 25],
      ],
    },
    {
      layer: "fold",
      points: [
        [0, 20],
        [100, 20],
      ],
    },
    {
      layer: "grain",
      points: [
        [50, 10],
        [50, 40],
      ],
    },
  ],
} as unknown as Piece;

test("a piece is drawn from the strokes that files are drawn from: a snip where it is cut, pointing inwards", () => {
  const { container } = render(<PieceShape piece={piece} scale={2} fill="white" />);
  const shapes = [...container.querySelectorAll("polygon")];
  expect(shapes).toHaveLength(3); // cut, stitch, one snip
  expect(shapes[2]?.getAttribute("transform")).toBe("translate(201 51) rotate(90)");
  const lines = [...container.querySelectorAll("polyline")];
  expect(lines.map((line) => line.getAttribute("points"))).toEqual(["1,61 201,61"]); // no grain on so small a picture
});

import { useId } from "react";
import type { Piece } from "../../api/client";
import type { PrintOn } from "../../model/cloth/print";
import { PrintFill } from "./PrintFill";
import { boxOf, PieceLines, type PiecePlace } from "./PieceLines";

interface Props {
  piece: Piece;
  scale: number;
  fill: string;
  /** The print of its cloth where its first copy lies on it; null for the fill. */
  print?: PrintOn | null;
  /** How far the print is drawn from where it lies, in pixels, while it is dragged. */
  printMoved?: [x: number, y: number];
}

/** From places on the cloth to the drawing of a piece, as a matrix: told by where three points of the piece lie on both. */
function fromCloth({ at }: PrintOn, place: PiecePlace): string {
  const [origin, one, other] = [at([0, 0]), at([1, 0]), at([0, 1])];
  // The way from the piece to the cloth keeps lengths and angles: its turn, read backwards, leads from the cloth to the piece.
  const [a, b, c, d] = [one[0] - origin[0], one[1] - origin[1], other[0] - origin[0], other[1] - origin[1]];
  const scale = place.x(1) - place.x(0);
  const [left, top] = [place.x(0), place.y(0)];
  // x and y on the piece of a place on the cloth, taken from the origin's.
  const [e, f] = [-(a * origin[0] + b * origin[1]), -(c * origin[0] + d * origin[1])];
  return `matrix(${a * scale} ${-c * scale} ${b * scale} ${-d * scale} ${left + e * scale} ${top - f * scale})`;
}

/** A piece in its true shape: cut line, stitch line in red dashes, folds and notches. */
export function PieceShape({ piece, scale, fill, print = null, printMoved: [x, y] = [0, 0] }: Props) {
  const printed = useId();
  const { left, right, bottom, top } = boxOf(piece);
  const place = {
    x: (value: number) => (value - left) * scale + 1,
    y: (value: number) => (top - value) * scale + 1,
  };
  return (
    <svg
      width={(right - left) * scale + 2}
      height={(top - bottom) * scale + 2}
      aria-hidden="true"
      className="piece-shape"
    >
      {print && (
        <defs>
          <PrintFill
            id={printed}
            print={print.print}
            transform={`translate(${x} ${y}) ${fromCloth(print, place)}`}
          />
        </defs>
      )}
      <PieceLines piece={piece} place={place} fill={print ? `url(#${printed})` : fill} />
    </svg>
  );
}

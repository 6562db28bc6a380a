import type { Piece } from "../api/client";
import { boxOf, PieceLines } from "./PieceLines";

/** A piece in its true shape: cut line, stitch line in red dashes, folds and notches. */
export function PieceShape({ piece, scale, fill }: { piece: Piece; scale: number; fill: string }) {
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
      <PieceLines piece={piece} place={place} fill={fill} />
    </svg>
  );
}

import type { Piece } from "../../api/client";

/** How far a piece reaches across (0) or along (1), in millimetres. */
export function extentOf({ outline }: Pick<Piece, "outline">, axis: 0 | 1): number {
  const values = outline.map((corner) => corner[axis] ?? 0);
  return Math.max(...values) - Math.min(...values);
}

import type { Space } from "./projection";

/** A flat part of a cover in space, as the core folds it up. */
export interface Facet {
  piece: string;
  copy: number;
  flat: number[][];
  space: number[][];
  /** It is of a copy that lies turned over: its corners on the flat are the piece’s, mirrored. */
  isOver?: boolean;
  /** Of a piece that is joined from strips: what of the facet each covers. */
  strips?: { piece: string; flat: number[][] }[];
}

/** The direction a part faces, of size 1. */
export function normalOf(corners: Space[]): Space {
  let sum: Space = [0, 0, 0];
  const [origin] = corners;
  if (!origin) {
    return sum;
  }

  corners.forEach((corner, i) => {
    const next = corners[(i + 1) % corners.length] ?? origin;
    const [ax, ay, az] = [corner[0] - origin[0], corner[1] - origin[1], corner[2] - origin[2]];
    const [bx, by, bz] = [next[0] - origin[0], next[1] - origin[1], next[2] - origin[2]];
    sum = [sum[0] + ay * bz - az * by, sum[1] + az * bx - ax * bz, sum[2] + ax * by - ay * bx];
  });
  const size = Math.hypot(...sum) || 1;
  return [sum[0] / size, sum[1] / size, sum[2] / size];
}

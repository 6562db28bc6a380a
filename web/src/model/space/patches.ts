import type { Facet } from "./facet";
import type { Space } from "./projection";

/** What is drawn of a cover in one colour: a facet, or what of it one strip covers. */
export interface Patch {
  /** The place of its facet among the others. */
  facet: number;
  /** The key of the piece it is cut from. */
  piece: string;
  /** Its corners on the flat. */
  flat: number[][];
  /** Each corner as so much of the way from the facet’s first corner to two others; null where it is the facet itself. */
  from: { corners: [number, number, number]; shares: [number, number][] } | null;
}

/** What is drawn of these facets, each in its own colour. */
export function patchesOf(facets: Facet[]): Patch[] {
  return facets.flatMap(({ piece, flat, strips = [] }, facet): Patch[] => {
    const corners = strips.length > 0 ? widestCorner(flat) : null;
    return corners
      ? strips.map((strip) => ({
          facet,
          piece: strip.piece,
          flat: strip.flat,
          from: { corners, shares: strip.flat.map((point) => sharesOf(point, corners, flat)) },
        }))
      : [{ facet, piece, flat, from: null }];
  });
}

/** The corners of a patch, where its facet’s lie there. */
export function patchAt({ from }: Patch, facet: Space[]): Space[] {
  if (!from) {
    return facet;
  }

  const [origin, one, other] = from.corners.map((at): Space => facet[at] ?? [0, 0, 0]) as [
    Space,
    Space,
    Space,
  ];
  return from.shares.map(
    ([u, v]): Space => [
      origin[0] + u * (one[0] - origin[0]) + v * (other[0] - origin[0]),
      origin[1] + u * (one[1] - origin[1]) + v * (other[1] - origin[1]),
      origin[2] + u * (one[2] - origin[2]) + v * (other[2] - origin[2]),
    ],
  );
}

/** The first corner and two others that lie furthest from one line with it; null for a sliver. */
function widestCorner(flat: number[][]): [number, number, number] | null {
  let most = 1e-6;
  let found: [number, number, number] | null = null;
  for (let one = 1; one < flat.length; one++) {
    for (let other = one + 1; other < flat.length; other++) {
      const area = Math.abs(cross(flat, 0, one, other));
      if (area > most) {
        most = area;
        found = [0, one, other];
      }
    }
  }

  return found;
}

function sharesOf(point: number[], corners: [number, number, number], flat: number[][]): [number, number] {
  const with3 = [...corners.map((at) => flat[at] ?? [0, 0]), point];
  const whole = cross(with3, 0, 1, 2);
  return [cross(with3, 0, 3, 2) / whole, cross(with3, 0, 1, 3) / whole];
}

/** Twice the area between three points, by their places. */
function cross(points: number[][], a: number, b: number, c: number): number {
  const [[ax = 0, ay = 0] = [], [bx = 0, by = 0] = [], [cx = 0, cy = 0] = []] = [
    points[a],
    points[b],
    points[c],
  ];
  return (bx - ax) * (cy - ay) - (cx - ax) * (by - ay);
}

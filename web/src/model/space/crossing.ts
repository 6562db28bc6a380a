import { areApart, boxOf } from "./boxes";
import { facing, sides } from "./hinges";
import type { Space } from "./projection";
import { add, cross, dot, less, times, unit } from "./rigid";

/** Facets that go through one another, and how deep, in millimetres. */
export interface Crossing {
  one: number;
  other: number;
  depth: number;
}

/** Where facets go through one another by more than this, in millimetres: an edge of one through the inside of another. */
export function crossings(placed: Space[][], more: number): Crossing[] {
  const boxes = placed.map(boxOf);
  const planes = placed.map((corners) => ({ at: corners[0] ?? nowhere, up: unit(facing(corners)) }));
  const found: Crossing[] = [];
  placed.forEach((corners, one) => {
    for (let other = 0; other < placed.length; other++) {
      if (other === one || areApart(boxes[one], boxes[other], -more)) {
        continue;
      }

      const { at, up } = planes[other] ?? { at: nowhere, up: nowhere };
      for (const [from, to] of sides(corners)) {
        const [a, b] = [dot(less(from, at), up), dot(less(to, at), up)];
        const depth = Math.min(Math.abs(a), Math.abs(b));
        if (a * b < 0 && depth > more) {
          const through = add(from, times(a / (a - b), less(to, from)));
          const inside = Math.min(depth, within(through, placed[other] ?? [], up));
          if (inside > more) {
            found.push({ one, other, depth: inside });
          }
        }
      }
    }
  });
  return found;
}

const nowhere: Space = [0, 0, 0];

/** How far inside a facet a point of its plane is from its nearest side; below 0 outside. Right for hollow facets too. */
function within(point: Space, corners: Space[], up: Space): number {
  let nearest = Infinity;
  let turns = 0;
  for (const [from, to] of sides(corners)) {
    const [along, off] = [less(to, from), less(point, from)];
    const length = dot(along, along);
    const share = length === 0 ? 0 : Math.min(1, Math.max(0, dot(off, along) / length));
    nearest = Math.min(nearest, Math.hypot(...less(off, times(share, along))));
    const [there, next] = [off, less(point, to)];
    turns += Math.atan2(dot(cross(there, next), up), dot(there, next));
  }

  return Math.abs(turns) > Math.PI ? nearest : -nearest;
}

import type { Facet } from "./facet";
import type { Space } from "./projection";
import { areApart, boxOf } from "./boxes";
import {
  add,
  between,
  cross,
  dot,
  less,
  over,
  put,
  rotate,
  times,
  unit,
  type Pose,
  type Turn,
} from "./rigid";

/** A facet ready to be moved: its corners on the flat and in space, and the move from one to the other. */
export interface Plate {
  piece: string;
  copy: number;
  flat: Space[];
  space: Space[];
  /** Brings the flat corners to where they stand in space. */
  made: Pose;
  area: number;
}

/** Two facets that share an edge: a crease of one piece, or a seam between two. */
export interface Hinge {
  on: number;
  facet: number;
  /** The shared edge in space, with the facet it hangs on at its left, seen from outside. */
  from: Space;
  to: Space;
}

/** The facets of a cover, ready to be moved. */
export function platesOf(facets: Facet[]): Plate[] {
  return facets.map(({ piece, copy, flat, space }) => {
    const [onFlat, inSpace] = [
      flat.map(([x = 0, y = 0]): Space => [x, y, 0]),
      space.map(([x = 0, y = 0, z = 0]): Space => [x, y, z]),
    ];
    return {
      piece,
      copy,
      flat: onFlat,
      space: inSpace,
      made: poseOf(onFlat, inSpace),
      area: Math.hypot(...facing(onFlat)) / 2,
    };
  });
}

/** How far apart on the flat two corners of one crease may be drawn, in millimetres. */
const near = 0.05;

/** The creases between facets of one piece, both ways round. */
export function creases(plates: Plate[], own: number[]): Map<number, Hinge[]> {
  const found = new Map<number, Hinge[]>(own.map((facet) => [facet, []]));
  const open: { facet: number; side: number; from: Space; to: Space }[] = [];
  for (const facet of own) {
    sides(plates[facet]?.flat ?? []).forEach(([from, to], side) => {
      const at = open.findIndex(
        (other) => other.facet !== facet && isNear(other.from, to, near) && isNear(other.to, from, near),
      );
      const other = open[at];
      if (other) {
        open.splice(at, 1);
        found.get(facet)?.push(hinge(plates, facet, side, other.facet));
        found.get(other.facet)?.push(hinge(plates, other.facet, other.side, facet));
      } else {
        open.push({ facet, side, from, to });
      }
    });
  }

  return found;
}

function hinge(plates: Plate[], on: number, side: number, facet: number): Hinge {
  const [from, to] = sides(plates[on]?.space ?? [])[side] ?? [none, none];
  return { on, facet, from, to };
}

/** Sewn edges may stand this far apart in space and still be one line to fold at, in millimetres; on a short edge less. */
const sewn = { most: 2, share: 0.3 };

/** Every seam at which a facet of one piece can hang on one of another: an edge of it that lies along an edge of the other. */
export function seamsOf(plates: Plate[]): Hinge[] {
  const boxes = plates.map(({ space }) => boxOf(space));
  const found: Hinge[] = [];
  const edges = plates.map(({ space }) =>
    sides(space).map(([from, to]) => ({ from, to, box: boxOf([from, to]) })),
  );
  plates.forEach(({ piece, copy }, on) => {
    const around = [...plates.keys()].filter(
      (facet) =>
        (plates[facet]?.piece !== piece || plates[facet].copy !== copy) &&
        !areApart(boxes[on], boxes[facet], sewn.most),
    );
    for (const { from, to, box } of edges[on] ?? []) {
      for (const facet of around) {
        if (areApart(box, boxes[facet], sewn.most)) {
          continue;
        }

        for (const { from: start, to: end, box: other } of edges[facet] ?? []) {
          if (areApart(box, other, sewn.most)) {
            continue;
          }

          // Along one another they run opposite ways round.
          if (lies(start, from, to) && lies(end, from, to)) {
            found.push({ on, facet, from: end, to: start });
          } else if (lies(from, start, end) && lies(to, start, end)) {
            found.push({ on, facet, from, to });
          }
        }
      }
    }
  });
  return found;
}

/** A point lies on the line between two others. */
function lies(point: Space, from: Space, to: Space): boolean {
  const along = less(to, from);
  const length = Math.hypot(...along) || 1e-9;
  const by = Math.min(sewn.most, sewn.share * length);
  const at = dot(less(point, from), along) / length;
  return (
    at > -by && at < length + by && Math.hypot(...less(less(point, from), times(at / length, along))) < by
  );
}

const none: Space = [0, 0, 0];
const isNear = (a: Space, b: Space, by: number) => Math.abs(a[0] - b[0]) < by && Math.abs(a[1] - b[1]) < by;

/** The sides of a facet, from corner to corner. */
export function sides(corners: Space[]): [Space, Space][] {
  return corners.map((corner, i) => [corner, corners[(i + 1) % corners.length] ?? corner]);
}

/** Square to the facet, outwards, twice as long as its area says. */
export function facing(corners: Space[]): Space {
  const [origin = none] = corners;
  return sides(corners).reduce<Space>(
    (sum, [corner, next]) => add(sum, cross(less(corner, origin), less(next, origin))),
    none,
  );
}

/** Its border turns inwards somewhere. */
export function isHollow({ flat }: Plate): boolean {
  const edges = sides(flat).map(([from, to]) => unit(less(to, from)));
  return edges.some((edge, i) => cross(edge, edges[(i + 1) % edges.length] ?? edge)[2] < -leastTurn);
}

/** A border turns by more than this at a corner that counts. */
const leastTurn = 0.05;

/** How far a facet is turned out of the plane of the one it hangs on, round their edge. */
export function foldAngle(on: Plate, facet: Plate, { from, to }: Hinge): number {
  const along = unit(less(to, from));
  const [here, there] = [unit(facing(on.space)), unit(facing(facet.space))];
  return Math.atan2(dot(cross(here, there), along), dot(here, there));
}

/** The move that brings a facet from where it is drawn to where it stands in space. */
function poseOf(flat: Space[], space: Space[]): Pose {
  const lengths = sides(flat).map(([from, to]) => Math.hypot(...less(to, from)));
  const longest = lengths.indexOf(Math.max(...lengths));
  const frame = (corners: Space[]): [Space, Space, Space] => {
    const [from, to] = sides(corners)[longest] ?? [none, none];
    const along = unit(less(to, from));
    const up = unit(facing(corners));
    return [along, cross(up, along), up];
  };
  const pose: Pose = { turn: between(frame(flat), frame(space)), move: none };
  return { ...pose, move: less(space[longest] ?? none, put(pose, flat[longest] ?? none)) };
}

/** The move that undoes this one. */
export function undone({ turn: [w, x, y, z], move }: Pose): Pose {
  const turn: Turn = [w, -x, -y, -z];
  return { turn, move: times(-1, rotate(turn, move)) };
}

/** The move within the plane that lays the line a–b along the line c–d, middle on middle. */
export function alongside(a: Space, b: Space, c: Space, d: Space): Pose {
  const angle = Math.atan2(d[1] - c[1], d[0] - c[0]) - Math.atan2(b[1] - a[1], b[0] - a[0]);
  const turn: Turn = [Math.cos(angle / 2), 0, 0, Math.sin(angle / 2)];
  const pose: Pose = { turn, move: none };
  return over(
    { turn: [1, 0, 0, 0], move: less(times(0.5, add(c, d)), put(pose, times(0.5, add(a, b)))) },
    pose,
  );
}

import type { Facet } from "./facet";
import type { Space } from "./projection";
import {
  about,
  add,
  between,
  cross,
  dot,
  less,
  over,
  partTurn,
  put,
  still,
  times,
  unit,
  type Pose,
} from "./rigid";

/** A facet that turns about the edge it shares with the facet it hangs on. */
interface Hinged {
  facet: number;
  on: number | null;
  /** The shared edge on the flat, and how far the facet is folded round it when the cover is made up. */
  from: Space;
  along: Space;
  angle: number;
}

/** One copy of a piece: its facets in the order they hang on each other, and where it lies flat and made up. */
interface Part {
  hinged: Hinged[];
  folded: Pose;
  flat: Pose;
}

export interface Unfolding {
  facets: { piece: string; copy: number; corners: Space[] }[];
  parts: Part[];
}

const near = 0.05;
const gap = 60;

/** Makes a cover ready to be unfolded: every facet stays rigid, so every edge keeps its length at every moment. */
export function unfolding(facets: Facet[]): Unfolding {
  const flats = facets.map((facet) => facet.flat.map(([x = 0, y = 0]): Space => [x, y, 0]));
  const spaces = facets.map((facet) => facet.space.map(([x = 0, y = 0, z = 0]): Space => [x, y, z]));
  const byPart = new Map<string, number[]>();
  facets.forEach((facet, i) => {
    const key = `${facet.piece}/${facet.copy}`;
    byPart.set(key, [...(byPart.get(key) ?? []), i]);
  });
  const parts = [...byPart.values()].map((own) => partOf(own, flats, spaces));
  layOut(parts, flats, spaces);
  return {
    facets: facets.map((facet, i) => ({ piece: facet.piece, copy: facet.copy, corners: flats[i] ?? [] })),
    parts,
  };
}

/** Where every facet's corners are: 0 made up, 1 lying flat beside each other. */
export function unfoldedAt({ facets, parts }: Unfolding, share: number): Space[][] {
  const placed: Space[][] = facets.map(() => []);
  for (const part of parts) {
    const root: Pose = {
      turn: partTurn(part.folded.turn, part.flat.turn, share),
      move: add(times(1 - share, part.folded.move), times(share, part.flat.move)),
    };
    const poses = new Map<number, Pose>();
    for (const { facet, on, from, along, angle } of part.hinged) {
      const pose = on === null ? root : over(poses.get(on) ?? root, about(from, along, angle * (1 - share)));
      poses.set(facet, pose);
      placed[facet] = (facets[facet]?.corners ?? []).map((corner) => put(pose, corner));
    }
  }

  return placed;
}

function partOf(own: number[], flats: Space[][], spaces: Space[][]): Part {
  const [root = 0] = own.toSorted((a, b) => area(flats[b] ?? []) - area(flats[a] ?? []));
  const hinged: Hinged[] = [{ facet: root, on: null, from: [0, 0, 0], along: [1, 0, 0], angle: 0 }];
  const left = new Set(own.filter((facet) => facet !== root));
  const edges = edgesOf(own, flats);
  for (let i = 0; i < hinged.length; i++) {
    const on = hinged[i]!.facet;
    for (const shared of edges.get(on) ?? []) {
      if (left.delete(shared.other)) {
        const [from, to] = [flats[on]![shared.side]!, flats[on]![(shared.side + 1) % flats[on]!.length]!];
        hinged.push({
          facet: shared.other,
          on,
          from,
          along: less(to, from),
          angle: foldAngle(spaces[on]!, shared.side, spaces[shared.other]!),
        });
      }
    }
  }

  // What hangs on nothing it shares an edge with moves with the largest facet, and is laid where it was drawn.
  for (const facet of left) {
    hinged.push({ facet, on: root, from: [0, 0, 0], along: [1, 0, 0], angle: 0 });
  }

  return { hinged, folded: poseOf(flats[root] ?? [], spaces[root] ?? []), flat: still };
}

function edgesOf(own: number[], flats: Space[][]) {
  const shared = new Map<number, { side: number; other: number }[]>();
  const open: { facet: number; side: number; from: Space; to: Space }[] = [];
  for (const facet of own) {
    const corners = flats[facet] ?? [];
    corners.forEach((from, side) => {
      const to = corners[(side + 1) % corners.length] ?? from;
      const at = open.findIndex(
        (other) => other.facet !== facet && meets(other.from, to) && meets(other.to, from),
      );
      const other = open[at];
      if (other) {
        open.splice(at, 1);
        shared.set(facet, [...(shared.get(facet) ?? []), { side, other: other.facet }]);
        shared.set(other.facet, [...(shared.get(other.facet) ?? []), { side: other.side, other: facet }]);
      } else {
        open.push({ facet, side, from, to });
      }
    });
  }

  return shared;
}

const meets = (a: Space, b: Space) => Math.abs(a[0] - b[0]) < near && Math.abs(a[1] - b[1]) < near;

/** How far the neighbour is turned out of the facet's plane round their common edge. */
function foldAngle(space: Space[], side: number, other: Space[]): number {
  const along = unit(less(space[(side + 1) % space.length]!, space[side]!));
  const [here, there] = [normal(space), normal(other)];
  return Math.atan2(dot(cross(here, there), along), dot(here, there));
}

function normal(corners: Space[]): Space {
  const [origin = [0, 0, 0]] = corners;
  return unit(
    corners.reduce<Space>(
      (sum, corner, i) =>
        add(sum, cross(less(corner, origin), less(corners[(i + 1) % corners.length] ?? origin, origin))),
      [0, 0, 0],
    ),
  );
}

function area(corners: Space[]): number {
  return (
    Math.abs(
      corners.reduce(
        (sum, [x, y], i) =>
          sum + x * corners[(i + 1) % corners.length]![1] - y * corners[(i + 1) % corners.length]![0],
        0,
      ),
    ) / 2
  );
}

/** The move that brings a facet from where it is drawn to where it stands in space. */
function poseOf(flat: Space[], space: Space[]): Pose {
  const longest = flat.reduce(
    (best, _, i) =>
      Math.hypot(...less(flat[(i + 1) % flat.length]!, flat[i]!)) >
      Math.hypot(...less(flat[(best + 1) % flat.length]!, flat[best]!))
        ? i
        : best,
    0,
  );
  const frame = (corners: Space[]): [Space, Space, Space] => {
    const along = unit(less(corners[(longest + 1) % corners.length]!, corners[longest]!));
    const up = normal(corners);
    return [along, cross(up, along), up];
  };
  const pose: Pose = { turn: between(frame(flat), frame(space)), move: [0, 0, 0] };
  return { ...pose, move: less(space[longest]!, put(pose, flat[longest]!)) };
}

/** Lays the flat pieces beside each other in rows, on the ground under the cover. */
function layOut(parts: Part[], flats: Space[][], spaces: Space[][]) {
  const points = spaces.flat();
  const least = (axis: number) => Math.min(...points.map((point) => point[axis] ?? 0));
  const most = (axis: number) => Math.max(...points.map((point) => point[axis] ?? 0));
  const boxes = parts.map((part) => {
    const corners = part.hinged.flatMap(({ facet }) => flats[facet] ?? []);
    const [xs, ys] = [corners.map(([x]) => x), corners.map(([, y]) => y)];
    return {
      part,
      left: Math.min(...xs),
      bottom: Math.min(...ys),
      width: Math.max(...xs) - Math.min(...xs),
      height: Math.max(...ys) - Math.min(...ys),
    };
  });
  const row = Math.max(
    ...boxes.map((box) => box.width),
    Math.sqrt(boxes.reduce((sum, box) => sum + (box.width + gap) * (box.height + gap), 0)) * 1.5,
  );
  let [x, y, tallest] = [0, 0, 0];
  const [middleX, ground] = [(least(0) + most(0)) / 2, least(2)];
  const laid: { part: Part; move: Space }[] = [];
  for (const box of boxes.toSorted((a, b) => b.height - a.height)) {
    if (x > 0 && x + box.width > row) {
      [x, y, tallest] = [0, y + tallest + gap, 0];
    }

    laid.push({ part: box.part, move: [x - box.left, y - box.bottom, 0] });
    x += box.width + gap;
    tallest = Math.max(tallest, box.height);
  }

  const depth = y + tallest;
  for (const { part, move } of laid) {
    part.flat = {
      turn: [1, 0, 0, 0],
      move: add(move, [middleX - row / 2, (least(1) + most(1)) / 2 - depth / 2, ground]),
    };
  }
}

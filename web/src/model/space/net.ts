import { alongside, creases, facing, foldAngle, seamsOf, undone, type Hinge, type Plate } from "./hinges";
import type { Space } from "./projection";
import { cross, dot, less, over, put, still, unit, type Pose } from "./rigid";

/** One copy of a piece: its facets, of which the first is the one that hangs on another piece or on nothing. */
export interface NetPart {
  facets: number[];
  /** Where its drawing lies in the net. */
  inNet: Pose;
}

/** A facet in the net, and how it hangs on the one before it. */
export interface Hung {
  facet: number;
  part: number;
  /** Null for the root, and for what hangs on nothing and moves by itself. */
  on: number | null;
  /** The line it folds round, in the net. */
  from: Space;
  along: Space;
  angle: number;
  /** It hangs on another piece by a seam, which opens last of all round it. */
  isSeam: boolean;
}

/** A cover laid flat in one: every piece whole, joined to another by one seam as long as there is one to join it by. */
export interface Net {
  parts: NetPart[];
  /** In an order in which each comes after what it hangs on. */
  hung: Hung[];
}

/** Lays a cover flat: from its largest piece, that lies lowest, on, each piece by its longest seam on an outer edge. */
export function netOf(plates: Plate[]): Net {
  const own = piecesOf(plates);
  const pieceOf: number[] = [];
  own.forEach((facets, piece) => facets.forEach((facet) => (pieceOf[facet] = piece)));
  const seams = seamsOf(plates);
  const left = new Set(own.keys());
  const laid: number[] = []; // the pieces as they are laid: each is a part of the net
  const net: Net = { parts: [], hung: [] };
  const add = (first: Omit<Hung, "part">, inNet: Pose) => {
    const piece = pieceOf[first.facet] ?? 0;
    const [facets, part] = [own[piece] ?? [], net.parts.length];
    left.delete(piece);
    laid.push(piece);
    net.parts.push({ facets, inNet });
    net.hung.push({ ...first, part }, ...withinPiece(plates, facets, first.facet, part, inNet));
  };

  while (left.size > 0) {
    const seam = bestSeam(seams, plates, pieceOf, laid, left);
    if (seam) {
      const on = net.parts[laid.indexOf(pieceOf[seam.on] ?? 0)]?.inNet ?? still;
      add({ ...hungAt(plates, seam, on), isSeam: true }, hungOn(plates, seam, on));
    } else {
      add({ ...loose, facet: firstOf(plates, own, left) }, still);
    }
  }

  return net;
}

/** The largest facet of the largest piece; of those as large, of the one that lies lowest. */
function firstOf(plates: Plate[], own: number[][], left: ReadonlySet<number>): number {
  const area = (piece: number) =>
    Math.round((own[piece] ?? []).reduce((sum, facet) => sum + (plates[facet]?.area ?? 0), 0) / 100);
  const [piece = 0] = [...left].sort(
    (a, b) => area(b) - area(a) || heightOf(plates, own[a] ?? []) - heightOf(plates, own[b] ?? []),
  );
  const facets = own[piece] ?? [];
  return facets.toSorted((a, b) => (plates[b]?.area ?? 0) - (plates[a]?.area ?? 0))[0] ?? 0;
}

const loose: Omit<Hung, "facet" | "part"> = {
  on: null,
  from: [0, 0, 0],
  along: [1, 0, 0],
  angle: 0,
  isSeam: false,
};

/** The facets of each copy of each piece. */
function piecesOf(plates: Plate[]): number[][] {
  const byPiece = new Map<string, number[]>();
  plates.forEach(({ piece, copy }, facet) => {
    const key = `${piece}/${copy}`;
    byPiece.set(key, [...(byPiece.get(key) ?? []), facet]);
  });
  return [...byPiece.values()];
}

function heightOf(plates: Plate[], facets: number[]): number {
  return Math.min(...facets.flatMap((facet) => plates[facet]?.space.map(([, , z]) => z) ?? []));
}

/** A piece's other facets, each on the one whose crease it shares; what shares none is drawn with the first. */
function withinPiece(plates: Plate[], facets: number[], start: number, part: number, inNet: Pose): Hung[] {
  const edges = creases(plates, facets);
  const left = new Set(facets.filter((facet) => facet !== start));
  const hung: Hung[] = [];
  const reached = [start];
  for (const on of reached) {
    for (const crease of edges.get(on) ?? []) {
      if (left.delete(crease.facet)) {
        hung.push({ ...hungAt(plates, crease, inNet), part, isSeam: false });
        reached.push(crease.facet);
      }
    }
  }

  return [...hung, ...[...left].map((facet): Hung => ({ ...loose, facet, part, on: start }))];
}

function hungAt(plates: Plate[], hinge: Hinge, inNet: Pose) {
  const [on, facet] = [plates[hinge.on], plates[hinge.facet]];
  if (!on || !facet) {
    throw new Error("A hinge joins two facets.");
  }

  const toNet = over(inNet, undone(on.made));
  const [from, to] = [put(toNet, hinge.from), put(toNet, hinge.to)];
  return {
    facet: hinge.facet,
    on: hinge.on,
    from,
    along: unit(less(to, from)),
    angle: foldAngle(on, facet, hinge),
  };
}

/** Where a piece's drawing lies in the net when it hangs on another by this seam. */
function hungOn(plates: Plate[], hinge: Hinge, inNet: Pose): Pose {
  const [on, facet] = [plates[hinge.on], plates[hinge.facet]];
  if (!on || !facet) {
    return still;
  }

  const toNet = over(inNet, undone(on.made));
  const toFlat = undone(facet.made);
  return alongside(
    put(toFlat, hinge.from),
    put(toFlat, hinge.to),
    put(toNet, hinge.from),
    put(toNet, hinge.to),
  );
}

/** The seam by which the next piece is hung: the longest of an outer edge, on the piece that was laid first. */
function bestSeam(
  seams: Hinge[],
  plates: Plate[],
  pieceOf: number[],
  laid: number[],
  left: ReadonlySet<number>,
) {
  for (const on of laid) {
    const found = seams.filter((seam) => pieceOf[seam.on] === on && left.has(pieceOf[seam.facet] ?? -1));
    const worths = found.map((seam) => worth(plates, seam));
    const best = found[worths.indexOf(Math.max(...worths))];
    if (best) {
      return best;
    }
  }

  return null;
}

/** Its length; an edge in a hollow is worth little, for what hangs there would lie on the piece itself. */
function worth(plates: Plate[], { on, from, to }: Hinge): number {
  const corners = plates[on]?.space ?? [];
  const along = unit(less(to, from));
  const up = unit(facing(corners));
  const out = cross(along, up);
  const beyond = Math.max(...corners.map((corner) => dot(less(corner, from), out)));
  const length = Math.hypot(...less(to, from));
  return beyond > 2 ? length / 1000 : length;
}

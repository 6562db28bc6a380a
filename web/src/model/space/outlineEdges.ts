import { normalOf, type Facet } from "./facet";
import type { Space } from "./projection";

/** A line of the drawing: where two parts meet that do not lie in one plane, or where the cover ends. */
export interface OutlineEdge {
  from: Space;
  to: Space;
  kind: "seam" | "crease" | "rim";
  /** Its parts' normals: it is in sight when one of them faces the eye. */
  normals: Space[];
}

const near = 0.3;
/** Parts that meet at less than this angle go on smoothly: a curve is not drawn as many creases. */
const smooth = Math.cos((24 * Math.PI) / 180);

/** The lines worth drawing of a folded cover. */
export function outlineEdges(facets: Facet[]): OutlineEdge[] {
  const open = new Map<string, { from: Space; to: Space; piece: string; normal: Space }[]>();
  const edges: OutlineEdge[] = [];
  for (const facet of facets) {
    const corners = facet.space.map(([x = 0, y = 0, z = 0]): Space => [x, y, z]);
    const normal = normalOf(corners);
    corners.forEach((from, i) => {
      const to = corners[(i + 1) % corners.length] ?? from;
      const key = keyOf(from, to);
      const others = open.get(key) ?? [];
      const partner = others.findIndex((other) => meets(other.from, to) && meets(other.to, from));
      const other = others[partner];
      if (!other) {
        open.set(key, [...others, { from, to, piece: `${facet.piece}/${facet.copy}`, normal }]);
        return;
      }

      open.set(
        key,
        others.filter((_, at) => at !== partner),
      );
      const together =
        normal[0] * other.normal[0] + normal[1] * other.normal[1] + normal[2] * other.normal[2];
      const isSeam = other.piece !== `${facet.piece}/${facet.copy}`;
      if (isSeam || together < smooth) {
        edges.push({ from, to, kind: isSeam ? "seam" : "crease", normals: [normal, other.normal] });
      }
    });
  }

  for (const left of open.values()) {
    edges.push(
      ...left.map(({ from, to, normal }): OutlineEdge => ({ from, to, kind: "rim", normals: [normal] })),
    );
  }

  return edges;
}

function keyOf(a: Space, b: Space): string {
  return [0, 1, 2].map((axis) => Math.round(((a[axis] ?? 0) + (b[axis] ?? 0)) / 8)).join();
}

function meets(a: Space, b: Space): boolean {
  return Math.abs(a[0] - b[0]) < near && Math.abs(a[1] - b[1]) < near && Math.abs(a[2] - b[2]) < near;
}

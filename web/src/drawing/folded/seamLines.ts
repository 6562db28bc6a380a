import { BufferAttribute, BufferGeometry, Color, type LineSegments } from "three";
import type { LineBasicMaterial } from "three";
import type { Facet } from "../../model/space/facet";
import { outlineEdges } from "../../model/space/outlineEdges";
import type { Space } from "../../model/space/projection";

const thread = new Color("#b23620");
const graphite = new Color("#22303a");

/** Seams in thread red, creases and open rims in graphite. */
export function drawLines(
  lines: LineSegments<BufferGeometry, LineBasicMaterial>,
  facets: Facet[],
  placed: Space[][],
) {
  const edges = outlineEdges(
    facets.map((facet, i) => ({ ...facet, space: (placed[i] ?? []).map((corner) => [...corner]) })),
  );
  const folded = outlineEdges(facets);
  const sewn = folded.filter((edge) => edge.kind === "seam").length > 0;
  const position = new Float32Array(edges.flatMap((edge) => [...edge.from, ...edge.to]));
  const colour = new Float32Array(
    edges.flatMap((edge) => {
      const { r, g, b } = edge.kind === "seam" || (edge.kind === "rim" && sewn) ? thread : graphite;
      return [r, g, b, r, g, b];
    }),
  );
  lines.geometry.dispose();
  lines.geometry = new BufferGeometry();
  lines.geometry.setAttribute("position", new BufferAttribute(position, 3));
  lines.geometry.setAttribute("color", new BufferAttribute(colour, 3));
}

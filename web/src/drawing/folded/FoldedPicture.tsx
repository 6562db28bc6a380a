import { facesInSight } from "../../model/space/folded";
import { type Facet } from "../../model/space/facet";
import { outlineEdges } from "../../model/space/outlineEdges";
import type { Flat, Space } from "../../model/space/projection";

interface PictureProps {
  facets: Facet[];
  place: (point: Space) => Flat;
  size: { width: number; height: number };
  pale?: boolean;
  /** Where “front” is written; nowhere on what stands or is too thin. */
  front?: Flat | null;
}

const eye: Space = [0.42, -0.66, 0.62];

/** Faces and lines of a folded cover as they are seen from in front, above and a little from the right. */
export function FoldedPicture({ facets, place, size, pale = false, front = null }: PictureProps) {
  const line = ([x, y]: Flat) => `${x.toFixed(1)},${y.toFixed(1)}`;
  const faces = facesInSight(facets);
  const edges = outlineEdges(facets).filter(({ normals }) =>
    normals.some((normal) => normal[0] * eye[0] + normal[1] * eye[1] + normal[2] * eye[2] > 0.02),
  );
  return (
    <svg
      width={size.width}
      height={size.height}
      viewBox={`0 0 ${size.width} ${size.height}`}
      className={pale ? "pale" : undefined}
      aria-hidden="true"
    >
      {faces.map((face, i) => (
        <polygon
          key={i}
          className={face.facing}
          points={face.corners.map((corner) => line(place(corner))).join(" ")}
        />
      ))}
      {edges.map((edge, i) => (
        <polyline
          key={i}
          className={edge.kind === "seam" ? "sewn" : "edge"}
          points={`${line(place(edge.from))} ${line(place(edge.to))}`}
        />
      ))}
      {front && (
        <text className="front-mark" x={front[0]} y={front[1] + 4}>
          front
        </text>
      )}
    </svg>
  );
}

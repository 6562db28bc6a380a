import { normalOf, type Facet } from "./facet";
import type { Space } from "./projection";

/** A part to draw, the furthest first. */
export interface Face {
  corners: Space[];
  facing: "face-top" | "face-front" | "face-side";
}

/** A part of a cover that is not closed yet: some are seen from within. */
export interface OpenFace {
  corners: Space[];
  facing: Face["facing"] | "inside";
}

/** The parts that face the eye of the drawing: from in front, to the right and above; the furthest come first. */
export function facesInSight(facets: Facet[]): Face[] {
  return placed(facets)
    .filter(isSeen)
    .map((face) => ({ corners: face.corners, facing: facingOf(face) }));
}

/** All parts, the furthest first: those that face away are seen from within. */
export function facesAround(facets: Facet[]): OpenFace[] {
  return placed(facets).map((face) => ({
    corners: face.corners,
    facing: isSeen(face) ? facingOf(face) : "inside",
  }));
}

type Placed = ReturnType<typeof placed>[number];

function placed(facets: Facet[]) {
  const faces = facets.map((facet) => {
    const corners = facet.space.map(([x = 0, y = 0, z = 0]): Space => [x, y, z]);
    const [nx, ny, nz] = normalOf(corners);
    const away = corners.reduce((sum, [x, y, z]) => sum + y - x * 0.5 - z * 0.5, 0) / corners.length;
    return { corners, nx, ny, nz, away };
  });
  return faces.sort((a, b) => b.away - a.away);
}

const isSeen = ({ nx, ny, nz }: Placed) => nz > 0.02 || nx > 0.02 || ny < -0.02;

const facingOf = ({ nx, ny, nz }: Placed): Face["facing"] =>
  Math.abs(nz) > Math.max(Math.abs(nx), Math.abs(ny))
    ? "face-top"
    : Math.abs(nx) > Math.abs(ny)
      ? "face-side"
      : "face-front";

import { normalOf, type Facet } from "./facet";
import type { Space } from "./projection";

/** A part to draw, the furthest first. */
export interface Face {
  corners: Space[];
  facing: "face-top" | "face-front" | "face-side";
}

/** The parts that face the eye of the drawing: from in front, to the right and above; the furthest come first. */
export function facesInSight(facets: Facet[]): Face[] {
  const faces = facets.map((facet) => {
    const corners = facet.space.map(([x = 0, y = 0, z = 0]): Space => [x, y, z]);
    const [nx, ny, nz] = normalOf(corners);
    const away = corners.reduce((sum, [x, y, z]) => sum + y - x * 0.5 - z * 0.5, 0) / corners.length;
    return { corners, nx, ny, nz, away };
  });
  return faces
    .filter(({ nx, ny, nz }) => nz > 0.02 || nx > 0.02 || ny < -0.02)
    .sort((a, b) => b.away - a.away)
    .map(({ corners, nx, ny, nz }) => ({
      corners,
      facing:
        Math.abs(nz) > Math.max(Math.abs(nx), Math.abs(ny))
          ? "face-top"
          : Math.abs(nx) > Math.abs(ny)
            ? "face-side"
            : "face-front",
    }));
}

import { useMemo } from "react";
import type { Facet } from "../../model/space/facet";
import { patchAt, patchesOf } from "../../model/space/patches";
import { fitting, type Flat, type Space } from "../../model/space/projection";
import { unfoldedAt, unfolding } from "../../model/space/unfold";

interface Props {
  facets: Facet[];
  /** The colour of the piece a key names. */
  colourOf: (piece: string) => string;
  /** How far it is unfolded: 0 made up, 1 lying flat. */
  share: number;
  size: { width: number; height: number };
}

/** The cover on its way from made up to flat as a plain drawing, the furthest parts first: for a screen that cannot show it turning. */
export function UnfoldingPicture({ facets, colourOf, share, size }: Props) {
  const cover = useMemo(() => unfolding(facets), [facets]);
  const placed = unfoldedAt(cover, share);
  const points = placed.flat();
  const { place } = fitting(points.length > 0 ? points : [[0, 0, 0]], size.width, size.height, {
    x: 24,
    y: 24,
  });
  const line = ([x, y]: Flat) => `${x.toFixed(1)},${y.toFixed(1)}`;
  const patches = useMemo(() => patchesOf(facets), [facets]).map((patch) => ({
    ...patch,
    corners: patchAt(patch, placed[patch.facet] ?? []),
  }));
  const away = (corners: Space[]) =>
    corners.reduce((sum, [x, y, z]) => sum + y - x * 0.5 - z * 0.5, 0) / Math.max(1, corners.length);
  const order = patches.sort((a, b) => away(b.corners) - away(a.corners));
  return (
    <svg
      className="unfolding"
      width={size.width}
      height={size.height}
      viewBox={`0 0 ${size.width} ${size.height}`}
      aria-hidden="true"
    >
      {order.map(({ facet, piece, corners }) => (
        <polygon
          key={`${facet} ${piece}`}
          points={corners.map((corner) => line(place(corner))).join(" ")}
          fill={colourOf(piece)}
        />
      ))}
    </svg>
  );
}

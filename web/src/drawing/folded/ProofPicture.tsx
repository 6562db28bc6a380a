import type { FoldUp } from "../../api/client";
import { FoldedPicture } from "./FoldedPicture";
import { fitting, type Flat, type Space } from "../../model/space/projection";
import { useSize } from "../useSize";

interface Props {
  folded: FoldUp | null;
  /** The seam that is lit. */
  lit: string | null;
}

/** The folded cover with the seam that is touched laid on in yellow, and every place that is open in thread red. */
export function ProofPicture({ folded, lit }: Props) {
  const { ref, size } = useSize<HTMLDivElement>({ width: 560, height: 520 });
  const points = (folded?.facets ?? []).flatMap((facet) => facet.space.map(spaceOf));
  if (!folded || points.length === 0) {
    return <div className="proof-picture cushion-drawing" ref={ref} />;
  }

  const { place } = fitting(points, size.width, size.height, { x: 40, y: 40 });
  const line = (ends: Space[]) =>
    ends
      .map((end) => place(end))
      .map(([x, y]: Flat) => `${x.toFixed(1)},${y.toFixed(1)}`)
      .join(" ");
  const seam = folded.facets.flatMap((facet) =>
    facet.seams.flatMap((name, i) =>
      name !== null && name === lit
        ? [[facet.space[i], facet.space[(i + 1) % facet.space.length]].map(spaceOf)]
        : [],
    ),
  );
  return (
    <div className="proof-picture cushion-drawing" ref={ref}>
      <FoldedPicture facets={folded.facets} place={place} size={size} />
      <svg width={size.width} height={size.height} aria-hidden="true">
        {seam.map((ends, i) => (
          <polyline key={i} className="proof-lit" points={line(ends)} />
        ))}
        {folded.open.map((open, i) => (
          <g key={i} className="proof-open">
            <polygon points={line([...open.one.map(spaceOf), ...[...open.other].reverse().map(spaceOf)])} />
            <polyline points={line(open.one.map(spaceOf))} />
            <polyline points={line(open.other.map(spaceOf))} />
          </g>
        ))}
      </svg>
    </div>
  );
}

function spaceOf(corner: number[] | undefined): Space {
  const [x = 0, y = 0, z = 0] = corner ?? [];
  return [x, y, z];
}

import type { SewingCards } from "../../api/client";
import { facesInSight } from "../../model/space/folded";
import { outlineEdges } from "../../model/space/outlineEdges";
import { fitting, lineThrough, spaceOf } from "../../model/space/projection";
import { useSize } from "../useSize";
import "../pieces/card.css";
import "./tried.css";

interface Props {
  facets: SewingCards["facets"];
  /** The seams of the side that is spoken of. */
  lit: ReadonlySet<string>;
  /** Seams that something is found at already. */
  found: ReadonlySet<string>;
  onTouch: (seam: string) => void;
}

/** The cover as it stands on the thing; touched at a seam, it says which. */
export function TriedPicture({ facets, lit, found, onTouch }: Props) {
  const { ref, size } = useSize<HTMLDivElement>({ width: 420, height: 300 });
  const points = facets.flatMap((facet) => facet.space.map(spaceOf));
  if (points.length === 0) {
    return null;
  }

  const { place } = fitting(points, size.width, size.height, { x: 26, y: 26 });
  const line = lineThrough(place);
  const seams = facets.flatMap((facet) =>
    facet.seams.flatMap((seam, i) =>
      seam === null
        ? []
        : [
            {
              seam,
              points: line([spaceOf(facet.space[i]), spaceOf(facet.space[(i + 1) % facet.space.length])]),
            },
          ],
    ),
  );
  return (
    <div className="tried" ref={ref}>
      <svg
        {...size}
        viewBox={`0 0 ${size.width} ${size.height}`}
        role="img"
        aria-label="The cover on the thing"
      >
        {facesInSight(facets).map((face, i) => (
          <polygon key={i} className={`so-far-${face.facing}`} points={line(face.corners)} />
        ))}
        {outlineEdges(facets).map((edge, i) => (
          <polyline key={i} className="so-far-rest" points={line([edge.from, edge.to])} />
        ))}
        {seams.map(({ seam, points: along }, i) => (
          <polyline
            key={i}
            className={lit.has(seam) ? "tried-lit" : found.has(seam) ? "tried-found" : "tried-seam"}
            points={along}
          />
        ))}
        {seams.map(({ seam, points: along }, i) => (
          <polyline key={i} className="tried-touch" points={along} onClick={() => onTouch(seam)} />
        ))}
      </svg>
    </div>
  );
}

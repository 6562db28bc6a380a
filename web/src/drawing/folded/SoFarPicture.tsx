import type { SewingCard, SewingCards } from "../../api/client";
import { facesAround } from "../../model/space/folded";
import { outlineEdges } from "../../model/space/outlineEdges";
import { fitting, lineThrough, spaceOf } from "../../model/space/projection";
import { useSize } from "../useSize";
import "../pieces/card.css";

interface Props {
  facets: SewingCards["facets"];
  card: SewingCard;
}

/** The cover so far: what hangs together by this step as it will stand, the rest as a pale outline, the seam in hand lit. */
export function SoFarPicture({ facets, card }: Props) {
  const { ref, size } = useSize<HTMLDivElement>({ width: 240, height: 200 });
  const points = facets.flatMap((facet) => facet.space.map(spaceOf));
  if (points.length === 0) {
    return null;
  }

  const { place } = fitting(points, size.width, size.height, { x: 14, y: 14 });
  const line = lineThrough(place);
  const hangs = new Set(card.soFar.map(({ piece, copy }) => `${piece} ${copy}`));
  const sewn = facets.filter((facet) => hangs.has(`${facet.piece} ${facet.copy}`));
  const seams = new Set(card.seams);
  return (
    <div className="so-far" ref={ref}>
      <svg
        {...size}
        viewBox={`0 0 ${size.width} ${size.height}`}
        role="img"
        aria-label={sewn.length > 0 ? "The cover so far" : "Nothing hangs together yet"}
      >
        {facets.map((facet, i) => (
          <polygon key={i} className="so-far-body" points={line(facet.space.map(spaceOf))} />
        ))}
        {outlineEdges(facets).map((edge, i) => (
          <polyline key={i} className="so-far-rest" points={line([edge.from, edge.to])} />
        ))}
        {facesAround(sewn).map((face, i) => (
          <polygon key={i} className={`so-far-${face.facing}`} points={line(face.corners)} />
        ))}
        {outlineEdges(sewn).map((edge, i) => (
          <polyline key={i} className="so-far-edge" points={line([edge.from, edge.to])} />
        ))}
        {sewn.flatMap((facet, f) =>
          facet.seams.map((seam, i) =>
            seam !== null && seams.has(seam) ? (
              <polyline
                key={`${f} ${i}`}
                className="so-far-lit"
                points={line([facet.space[i], facet.space[(i + 1) % facet.space.length]].map(spaceOf))}
              />
            ) : null,
          ),
        )}
      </svg>
    </div>
  );
}

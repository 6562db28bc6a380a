import { useEffect, useState, type PointerEvent, type RefObject } from "react";
import type { Yardage } from "../../api/client";
import { pieceColour } from "../../model/pieces/pieceColours";
import { keyOf, kindOf, sizeOf } from "../../model/cloth/pins";
import { rowMargin, rulerHeight, type RollLayout } from "./rollScale";

interface Props {
  yardage: Yardage;
  layout: RollLayout;
  /** What one looks at the roll through; it scrolls. */
  view: RefObject<HTMLDivElement | null>;
  zoom: number;
}

/** As wide as the map is, in pixels. */
const width = 132;

/** The whole roll small, with a frame round what is in sight; the frame is dragged, or put where one touches. */
export function RollMap({ yardage, layout, view, zoom }: Props) {
  const seen = useSeen(view, zoom);
  const usable = yardage.usableWidth ?? 0;
  const longest = Math.max(...layout.rows.map(({ from, to }) => to - from));
  const small = width / (longest * layout.scale);
  const rowHeight = usable * layout.scale + rulerHeight + 4;
  const pieces = new Map(yardage.pieces.map((piece) => [piece.id, piece]));
  const go = (event: PointerEvent<SVGSVGElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const to = view.current;
    if (to && event.buttons > 0) {
      const far = zoom / small;
      to.scrollTo({
        left: (event.clientX - box.left) * far - to.clientWidth / 2,
        top: (event.clientY - box.top) * far - to.clientHeight / 2,
      });
    }
  };
  return (
    <svg
      className="roll-map"
      width={width}
      height={layout.rows.length * rowHeight * small}
      aria-hidden="true"
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        go(event);
      }}
      onPointerMove={go}
    >
      <g transform={`scale(${small})`}>
        {layout.rows.map(({ from, to }, row) => (
          <svg
            key={from}
            x={rowMargin}
            y={row * rowHeight + rulerHeight}
            width={(to - from) * layout.scale}
            height={usable * layout.scale}
          >
            <rect className="roll-cloth" width="100%" height="100%" />
            {(yardage.lay?.placements ?? [])
              .filter((place) => !place.remnant)
              .map((place) => {
                const piece = pieces.get(place.piece);
                const size = piece && sizeOf(piece, place.turn);
                return (
                  size && (
                    <rect
                      key={keyOf(place)}
                      x={(place.y - from) * layout.scale}
                      y={place.x * layout.scale}
                      width={size.along * layout.scale}
                      height={size.across * layout.scale}
                      fill={pieceColour(kindOf(piece.key))}
                    />
                  )
                );
              })}
          </svg>
        ))}
      </g>
      <rect
        className="roll-frame"
        x={(seen.left / zoom) * small}
        y={(seen.top / zoom) * small}
        width={(seen.width / zoom) * small}
        height={(seen.height / zoom) * small}
      />
    </svg>
  );
}

/** What of a thing that scrolls is in sight, in its own pixels. */
function useSeen(view: RefObject<HTMLDivElement | null>, zoom: number) {
  const [seen, setSeen] = useState({ left: 0, top: 0, width: 0, height: 0 });
  useEffect(() => {
    const of = view.current;
    if (!of) {
      return;
    }

    const look = () =>
      setSeen({ left: of.scrollLeft, top: of.scrollTop, width: of.clientWidth, height: of.clientHeight });
    look();
    of.addEventListener("scroll", look);
    return () => of.removeEventListener("scroll", look);
  }, [view, zoom]);
  return seen;
}

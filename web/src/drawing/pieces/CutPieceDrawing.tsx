import type { CutCard } from "../../api/client";
import { widthOfFigure } from "../../model/pieces/figures";
import { Fractions } from "../Fractions";
import { useSize } from "../useSize";
import "./cut.css";

interface Props {
  card: CutCard;
}

const sideHeight = 20;
const room = { left: 46, right: 120, top: 46, bottom: 62 };

/**
 * The piece as it is chalked, lying as on the cloth: the cut end of the roll is on the left, the edge that is counted from at
 * the top. Corners are numbered in the order a hand goes round.
 */
export function CutPieceDrawing({ card }: Props) {
  const { ref, size } = useSize<HTMLDivElement>({ width: 680, height: 400 });
  const scale = Math.max(
    0.001,
    Math.min(
      (size.width - room.left - room.right) / Math.max(card.along, 1),
      (size.height - room.top - room.bottom) / Math.max(card.across, 1),
    ),
  );
  const [wide, high] = [card.along * scale, card.across * scale];
  const left = (size.width - wide - room.right + room.left) / 2;
  const top = (size.height - high - room.bottom + room.top) / 2;
  const at = (x: number, y: number) => ({ x: left + y * scale, y: top + x * scale });
  const line = (corners: number[][]) =>
    corners
      .map(([x = 0, y = 0]) => at(x, y))
      .map((place) => `${place.x},${place.y}`)
      .join(" ");
  const { chalk } = card;
  const middle = { x: left + wide / 2, y: top + high / 2 };
  return (
    <div className="cut-piece" ref={ref}>
      <svg
        {...size}
        viewBox={`0 0 ${size.width} ${size.height}`}
        role="img"
        aria-label={`${card.code} ${card.name}: ${card.alongShown} along, ${card.acrossShown} across`}
      >
        <polygon className="cut-shape" points={line(chalk.outline)} />
        {!card.block && <polygon className="cut-stitch" points={line(chalk.stitchLine)} />}
        {chalk.marks.map(({ kind, from, to }, i) => {
          const [one, other] = [at(from.x, from.y), at((to ?? from).x, (to ?? from).y)];
          return to ? (
            <line key={i} className={`cut-line is-${kind}`} x1={one.x} y1={one.y} x2={other.x} y2={other.y} />
          ) : (
            <Wedge
              key={i}
              at={onEdge(chalk.corners, from, at)}
              inward={inwardAt(chalk.corners, from.corner)}
            />
          );
        })}
        <Warp x={middle.x} y={middle.y} length={Math.min(70, wide * 0.4)} />
        {chalk.radius === null &&
          chalk.corners.length <= mostCorners &&
          chalk.corners.map((corner, i) => {
            const place = at(corner.x, corner.y);
            return (
              <g key={i} className="cut-corner" transform={`translate(${place.x} ${place.y})`}>
                <circle r={13} />
                <text y={5}>{i + 1}</text>
              </g>
            );
          })}
        {!chalk.box &&
          chalk.corners.length <= mostCorners &&
          chalk.corners.map((corner, i) => {
            const next = chalk.corners[(i + 1) % chalk.corners.length] ?? corner;
            return (
              <SideLength
                key={i}
                from={at(corner.x, corner.y)}
                to={at(next.x, next.y)}
                text={corner.toNext}
                middle={middle}
              />
            );
          })}
        <Fractions x={middle.x} y={top + high + 52} anchor="middle" text={card.alongShown} large />
        <Fractions x={left + wide + 24} y={middle.y + 12} anchor="start" text={card.acrossShown} large />
        {chalk.centre && chalk.radius && (
          <Middle place={at(chalk.centre.x, chalk.centre.y)} radius={chalk.radius} />
        )}
      </svg>
    </div>
  );
}

/** A shape with more corners than this is chalked round its pattern. */
export const mostCorners = 24;

interface Place {
  x: number;
  y: number;
}

type Corners = CutCard["chalk"]["corners"];

/** A mark of a straight edge stands on the cut edge, where it is snipped. */
function onEdge(
  corners: Corners,
  mark: { x: number; y: number; corner: number | null },
  at: (x: number, y: number) => Place,
): Place {
  const [from, to] = [corners[(mark.corner ?? 0) - 1], corners[(mark.corner ?? 0) % corners.length]];
  if (mark.corner === null || !from || !to || from.rise !== null) {
    return at(mark.x, mark.y);
  }

  const [dx, dy] = [to.x - from.x, to.y - from.y];
  const share = ((mark.x - from.x) * dx + (mark.y - from.y) * dy) / Math.max(dx * dx + dy * dy, 1e-6);
  return at(from.x + share * dx, from.y + share * dy);
}

/** The way into the piece from the edge that begins at a corner, as an angle of the drawing; null inside. */
function inwardAt(corners: Corners, corner: number | null): number | null {
  if (corner === null) {
    return null;
  }

  const [from, to] = [corners[corner - 1], corners[corner % corners.length]];
  return from && to ? Math.atan2(to.x - from.x, to.y - from.y) - Math.PI / 2 : null;
}

/** A wedge that points the way a snip goes; a cross for a place inside the piece. */
function Wedge({ at, inward }: { at: Place; inward: number | null }) {
  return inward === null ? (
    <path className="cut-cross" d={`M${at.x - 7} ${at.y}h14M${at.x} ${at.y - 7}v14`} />
  ) : (
    <polygon
      className="cut-wedge"
      points="-6,-14 6,-14 0,-2"
      transform={`translate(${at.x} ${at.y}) rotate(${(inward * 180) / Math.PI - 90})`}
    />
  );
}

/** The warp runs along the roll. */
function Warp({ x, y, length }: Place & { length: number }) {
  return length < 20 ? null : (
    <g className="cut-warp">
      <path d={`M${x - length / 2} ${y}h${length}m-9 -6l9 6l-9 6`} />
    </g>
  );
}

/** How long a side is, written beside it within the piece: outside stand the sizes of its box. */
function SideLength({ from, to, text, middle }: { from: Place; to: Place; text: string; middle: Place }) {
  const size = Math.hypot(to.x - from.x, to.y - from.y);
  if (size < widthOfFigure(text, sideHeight) + 26) {
    return null;
  }

  const half = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 };
  const normal = { x: (to.y - from.y) / size, y: -(to.x - from.x) / size };
  const inward = normal.x * (half.x - middle.x) + normal.y * (half.y - middle.y) < 0 ? 1 : -1;
  return (
    <g className="cut-side">
      <Fractions
        x={half.x + normal.x * inward * 20}
        y={half.y + normal.y * inward * 20 + 6}
        anchor="middle"
        text={text}
      />
    </g>
  );
}

/** The middle of a circle, and how far the chalk is from it. */
function Middle({ place, radius }: { place: Place; radius: string }) {
  return (
    <g className="cut-middle">
      <path className="cut-cross" d={`M${place.x - 9} ${place.y}h18M${place.x} ${place.y - 9}v18`} />
      <Fractions x={place.x} y={place.y - 18} anchor="middle" text={`radius ${radius}`} large />
    </g>
  );
}

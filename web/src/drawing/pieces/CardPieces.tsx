import type { Piece, SewingCard } from "../../api/client";
import { cardLayout } from "../../model/pieces/cardLayout";
import { widthOfFigure } from "../../model/pieces/figures";
import { pieceColour } from "../../model/pieces/pieceColours";
import { boxOf, PieceLines, type PiecePlace } from "./PieceLines";
import { useSize } from "../useSize";
import "./card.css";

interface Props {
  card: SewingCard;
  pieces: Piece[];
  /** The letter of the cover. */
  letter: string;
}

/** A piece in the hand; where nothing tells its copies apart, how many of them. */
type InHand = SewingCard["pieces"][number] & { copies: number };

const nameHeight = 46;
const nameSize = 17;
const margin = 18;

/** The pieces in the hand as they lie: what lies on top is seen from its wrong side, and the edges that are sewn are lit. */
export function CardPieces({ card, pieces, letter }: Props) {
  const { ref, size } = useSize<HTMLDivElement>({ width: 640, height: 360 });
  const drawn = inHandOf(card, pieces);
  const boxes = drawn.map(({ piece, inHand }) => {
    const { left, right, bottom, top } = boxOf(piece);
    const name = `${letter}${piece.number} ${inHand.name}${inHand.copies > 1 ? ` × ${inHand.copies}` : ""}`;
    return { width: right - left, height: top - bottom, nameWidth: widthOfFigure(name, nameSize) * 0.85 };
  });
  const room = {
    width: Math.max(40, size.width - 2 * margin),
    height: Math.max(40, size.height - 2 * margin),
  };
  const { scale, places } = cardLayout(boxes, room, nameHeight);
  return (
    <div className="card-pieces" ref={ref}>
      <svg
        {...size}
        viewBox={`0 0 ${size.width} ${size.height}`}
        role="img"
        aria-label={saidOf(card, drawn, letter)}
      >
        {drawn.map(({ piece, inHand }, i) => {
          const { x = 0, y = 0 } = places[i] ?? {};
          const at = { x: x + margin, y: y + margin };
          const box = boxes[i] ?? { width: 0, height: 0 };
          return (
            <g key={`${inHand.piece} ${inHand.copy}`}>
              <OnCard card={card} piece={piece} inHand={inHand} scale={scale} at={at} />
              <text
                className="card-name"
                x={at.x + (box.width * scale) / 2}
                y={at.y + box.height * scale + 20}
              >
                <tspan className="card-code">{`${letter}${piece.number}`}</tspan> {inHand.name}
                {inHand.copies > 1 && ` × ${inHand.copies}`}
              </text>
              {card.lit.length > 0 && (
                <text
                  className="card-side"
                  x={at.x + (box.width * scale) / 2}
                  y={at.y + box.height * scale + 38}
                >
                  {inHand.over ? "wrong side up" : "right side up"}
                </text>
              )}
            </g>
          );
        })}
      </svg>
    </div>
  );
}

/** Each piece in the hand with its shape; several copies that nothing tells apart are drawn once. */
function inHandOf(card: SewingCard, pieces: Piece[]): { piece: Piece; inHand: InHand }[] {
  const found = card.pieces.flatMap((one) => {
    const piece = pieces.find(({ key }) => key === one.piece);
    return piece ? [{ piece, inHand: { ...one, copies: 1 } }] : [];
  });
  return card.lit.length > 0
    ? found
    : found
        .filter(({ piece }, i) => found.findIndex((other) => other.piece === piece) === i)
        .map(({ piece, inHand }) => {
          const copies = found.filter((other) => other.piece === piece).length;
          return { piece, inHand: { ...inHand, name: copies > 1 ? piece.name : inHand.name, copies } };
        });
}

function saidOf(card: SewingCard, drawn: { piece: Piece; inHand: InHand }[], letter: string): string {
  const names = drawn.map(({ piece, inHand }) => `${letter}${piece.number} ${inHand.name}`).join(", ");
  return card.lit.length > 0 ? `${names}, with the edges that are sewn` : names;
}

interface OnCardProps {
  card: SewingCard;
  piece: Piece;
  inHand: InHand;
  scale: number;
  at: { x: number; y: number };
}

/** One piece with its lit edges; on the layer underneath where the sewing begins and which way it goes. */
function OnCard({ card, piece, inHand, scale, at }: OnCardProps) {
  const { left, right, top } = boxOf(piece);
  const place: PiecePlace = {
    x: (value) => at.x + (inHand.over ? right - value : value - left) * scale,
    y: (value) => at.y + (top - value) * scale,
  };
  const lit = card.lit.filter((edge) => edge.piece === inHand.piece && edge.copy === inHand.copy);
  const way = lit.filter(({ leads }) => leads).flatMap(({ along }) => along);
  return (
    <>
      <g className={inHand.over ? "card-wrong" : undefined}>
        <PieceLines piece={piece} place={place} fill={inHand.over ? "#fbf3e2" : pieceColour(piece.id)} />
      </g>
      {lit.map((edge, i) => (
        <polyline
          key={i}
          className="card-lit"
          points={edge.along.map(([x = 0, y = 0]) => `${place.x(x)},${place.y(y)}`).join(" ")}
        />
      ))}
      {way.length > 1 && <Way way={way} place={place} isRing={card.ring} />}
    </>
  );
}

/** A dot where the sewing begins and an arrow a little way on; where it stops a bar, unless it comes back to its beginning. */
function Way({ way, place, isRing }: { way: number[][]; place: PiecePlace; isRing: boolean }) {
  const points = way.map(([x = 0, y = 0]) => ({ x: place.x(x), y: place.y(y) }));
  const [start, end] = [points[0], points.at(-1)];
  const length = points.reduce((sum, point, i) => sum + distance(points[i - 1], point), 0);
  const ahead = along(points, Math.min(60, length / 2));
  if (!start || !end || !ahead) {
    return null;
  }

  return (
    <g className="card-way">
      <circle cx={start.x} cy={start.y} r={7} />
      <polygon
        points="-9,-7 9,0 -9,7"
        transform={`translate(${ahead.x} ${ahead.y}) rotate(${(ahead.angle * 180) / Math.PI})`}
      />
      {!isRing && distance(start, end) > 4 && <rect x={end.x - 6} y={end.y - 6} width={12} height={12} />}
    </g>
  );
}

interface Dot {
  x: number;
  y: number;
}

const distance = (one: Dot | undefined, other: Dot) =>
  one ? Math.hypot(other.x - one.x, other.y - one.y) : 0;

/** The place so far along a line, and which way the line goes there. */
function along(points: Dot[], far: number) {
  let left = far;
  for (const [i, point] of points.entries()) {
    const before = points[i - 1];
    const step = distance(before, point);
    if (before && step > 0 && step >= left) {
      const share = left / step;
      return {
        x: before.x + (point.x - before.x) * share,
        y: before.y + (point.y - before.y) * share,
        angle: Math.atan2(point.y - before.y, point.x - before.x),
      };
    }

    left -= step;
  }

  return null;
}

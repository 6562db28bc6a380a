import { useId } from "react";
import type { Yardage } from "../api/client";
import { pieceColour } from "../ui/pieceColours";
import { turned } from "./turned";

interface Props {
  yardage: Yardage;
  currentId: string | null;
  /** The stretch of the roll in this row, in millimetres. */
  from: number;
  to: number;
  scale: number;
  /** A yard or a metre. */
  step: number;
  unit: string;
  rulerHeight: number;
}

/** A stretch of the roll: its ruled edge, and what lies on it; a piece that runs over the end is seen in both rows. */
export function RollRow({ yardage, currentId, from, to, scale, step, unit, rulerHeight }: Props) {
  const clip = useId();
  const width = (to - from) * scale;
  const height = (yardage.usableWidth ?? 0) * scale;
  const pieces = new Map(yardage.pieces.map((piece) => [piece.id, piece]));
  const marks = Array.from(
    { length: Math.floor((to - from) / step) + 1 },
    (_, i) => Math.ceil(from / step) + i,
  );
  const labelEvery = Math.max(1, Math.ceil(40 / (step * scale)));
  const buyAt = ((yardage.buy?.buy ?? 0) - from) * scale;
  return (
    <svg className="roll-row" width={width + 8} height={height + rulerHeight + 4} aria-hidden="true">
      <clipPath id={clip}>
        <rect x={4} y={rulerHeight} width={width} height={height} />
      </clipPath>
      <rect className="roll-cloth" x={4} y={rulerHeight} width={width} height={height} />
      <line className="ruler" x1={4} x2={width + 4} y1={rulerHeight} y2={rulerHeight} />
      {marks.map((mark) => (
        <g key={mark} transform={`translate(${4 + (mark * step - from) * scale} 0)`}>
          <line className="ruler" y1={mark % labelEvery === 0 ? 6 : 13} y2={rulerHeight} />
          {mark % labelEvery === 0 && (mark * step - from) * scale < width - 12 && (
            <text className="ruler-text" x={3} y={13}>
              {mark === 1 ? `1 ${unit}` : mark}
            </text>
          )}
        </g>
      ))}
      <g clipPath={`url(#${clip})`}>
        {yardage.lay?.placements.map((placement) => {
          const piece = pieces.get(placement.piece);
          if (!piece) {
            return null;
          }

          const corners = turned(piece.outline, placement.turn);
          const left = 4 + (placement.y - from) * scale;
          const top = rulerHeight + placement.x * scale;
          const along = Math.max(...corners.map(([, y]) => y)) * scale;
          const across = Math.max(...corners.map(([x]) => x)) * scale;
          if (left + along < 0 || left > width + 8) {
            return null;
          }

          const kind = kindOf(piece.key);
          return (
            <g
              key={`${placement.piece}.${placement.copy}`}
              className={piece.cover === currentId ? "laid current" : "laid"}
            >
              <title>{piece.name}</title>
              <polygon
                points={corners.map(([x, y]) => `${left + y * scale},${top + x * scale}`).join(" ")}
                fill={pieceColour(kind)}
              />
              <Label
                name={kind === "piping" ? "" : piece.name}
                left={left}
                top={top}
                along={along}
                across={across}
              />
            </g>
          );
        })}
      </g>
      {buyAt >= 0 && buyAt <= width && (
        <line className="buy-line" x1={4 + buyAt} x2={4 + buyAt} y1={2} y2={rulerHeight + height + 4} />
      )}
    </svg>
  );
}

/** The kind of piece a key names: the parts of a joined strip or plate are of one kind. */
function kindOf(key: string): string {
  return key.replace(/(-part)?-\d+$/, "").replace(/^(plate|block)-.*/, "$1");
}

const letter = 7;

/** The piece's name along its longer side, where there is room: whole, without which part it is, or its first word. */
function Label({
  name,
  left,
  top,
  along,
  across,
}: {
  name: string;
  left: number;
  top: number;
  along: number;
  across: number;
}) {
  const [x, y] = [left + along / 2, top + across / 2];
  const upright = across > along;
  const room = upright ? { length: across, width: along } : { length: along, width: across };
  const text = [name, name.replace(/ \d.*$/, ""), name.split(/[ ,]/)[0] ?? ""].find(
    (words) => words.length * letter < room.length,
  );
  return text && room.width > 13 ? (
    <text x={x} y={y} dy={4} transform={upright ? `rotate(-90 ${x} ${y})` : undefined}>
      {text}
    </text>
  ) : null;
}

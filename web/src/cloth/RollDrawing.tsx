import type { Cloth, Unit, Yardage } from "../api/client";
import { pieceColour } from "../ui/pieceColours";
import { useSize } from "../ui/useSize";
import { turned } from "./turned";

interface Props {
  yardage: Yardage;
  cloth: Cloth;
  unit: Unit;
  currentId: string | null;
}

const rulerHeight = 22;

/** The roll with its ruled edge and every piece on it in its true shape; the cut end is on the left. */
export function RollDrawing({ yardage, unit, currentId }: Props) {
  const { ref, size } = useSize<HTMLDivElement>({ width: 780, height: 190 });
  const { lay, buy, usableWidth } = yardage;
  if (!lay || !buy || !usableWidth) {
    return <div className="roll-drawing" ref={ref} />;
  }

  const scale = Math.min((size.width - 30) / (buy.buy * 1.02), (size.height - rulerHeight - 6) / usableWidth);
  const pieces = new Map(yardage.pieces.map((piece) => [piece.id, piece]));
  const step = unit === "in" ? 914.4 : 1000;
  const every = Math.max(1, Math.ceil(46 / (step * scale)));
  const marks = Array.from({ length: Math.floor((size.width - 30) / (step * scale)) + 1 }, (_, i) => i);
  return (
    <div className="roll-drawing" ref={ref}>
      <svg width={size.width} height={usableWidth * scale + rulerHeight + 6} role="img" aria-label={`The lay: ${yardage.pieces.reduce((sum, piece) => sum + piece.copies, 0)} pieces on ${buy.figure} ${buy.unit}`}>
        <rect className="roll-cloth" x={4} y={rulerHeight} width={size.width - 8} height={usableWidth * scale} />
        <line className="ruler" x1={4} x2={size.width - 4} y1={rulerHeight} y2={rulerHeight} />
        {marks.map((mark) => (
          <g key={mark} transform={`translate(${4 + mark * step * scale} 0)`}>
            <line className="ruler" y1={mark % every === 0 ? 8 : 15} y2={rulerHeight} />
            {mark % every === 0 && (
              <text className="ruler-text" x={3} y={14}>
                {mark === every ? `${mark} ${buy.unit}` : mark}
              </text>
            )}
          </g>
        ))}
        {lay.placements.map((placement) => {
          const piece = pieces.get(placement.piece);
          if (!piece) {
            return null;
          }

          const corners = turned(piece.outline, placement.turn);
          const points = corners
            .map(([x, y]) => `${4 + (placement.y + y) * scale},${rulerHeight + (placement.x + x) * scale}`)
            .join(" ");
          const along = Math.max(...corners.map(([, y]) => y)) * scale;
          const across = Math.max(...corners.map(([x]) => x)) * scale;
          const id = piece.key.replace(/-\d+$/, "").replace(/^plate-.*/, "plate");
          return (
            <g key={`${placement.piece}.${placement.copy}`} className={piece.cover === currentId ? "laid current" : "laid"}>
              <polygon points={points} fill={pieceColour(id)} />
              {along > 40 && across > 15 && id !== "piping" && (
                <text x={4 + placement.y * scale + along / 2} y={rulerHeight + placement.x * scale + across / 2 + 4}>
                  {id === "zip-boxing" ? "zip" : id}
                </text>
              )}
            </g>
          );
        })}
        <line className="buy-line" x1={4 + buy.buy * scale} x2={4 + buy.buy * scale} y1={4} y2={rulerHeight + usableWidth * scale + 4} />
      </svg>
    </div>
  );
}

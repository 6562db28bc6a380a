import type { Unit, Yardage } from "../api/client";
import { useSize } from "../ui/useSize";
import { RollRow } from "./RollRow";

interface Props {
  yardage: Yardage;
  unit: Unit;
  currentId: string | null;
}

const rulerHeight = 20;
const gap = 6;
const mostRows = 3;
/** Nothing is drawn on less, which a page still being laid out may give. */
const narrowest = 40;

/** The roll with its ruled edge and every piece on it in its true shape, cut end on the left; a long roll goes on in a row below. */
export function RollDrawing({ yardage, unit, currentId }: Props) {
  const { ref, size } = useSize<HTMLDivElement>({ width: 780, height: 190 });
  const { lay, buy, usableWidth } = yardage;
  if (!lay || !buy || !usableWidth || size.width < narrowest || size.height < narrowest) {
    return <div className="roll-drawing" ref={ref} />;
  }

  const step = unit === "in" ? 914.4 : 1000;
  const { rows, scale } = rowsFor(buy.buy, usableWidth, size);
  const perRow =
    rows === 1
      ? Math.max(buy.buy * 1.03, (size.width - 12) / scale)
      : Math.ceil(buy.buy / rows / step) * step;
  const count = yardage.pieces.reduce((sum, piece) => sum + piece.copies, 0);
  return (
    <div
      className="roll-drawing"
      ref={ref}
      role="img"
      aria-label={`The lay: ${count} pieces on ${buy.figure} ${buy.unit}`}
    >
      {Array.from({ length: rows }, (_, row) => (
        <RollRow
          key={row}
          yardage={yardage}
          currentId={currentId}
          from={row * perRow}
          to={rows === 1 ? perRow : Math.min((row + 1) * perRow, buy.buy * 1.03)}
          scale={Math.min(scale, (size.width - 12) / perRow)}
          step={step}
          unit={buy.unit}
          rulerHeight={rulerHeight}
        />
      ))}
    </div>
  );
}

/** In how many rows the roll is drawn largest. */
function rowsFor(length: number, usable: number, size: { width: number; height: number }) {
  let best = { rows: 1, scale: 0 };
  for (let rows = 1; rows <= mostRows; rows++) {
    const scale = Math.min(
      (size.width - 12) / ((length / rows) * 1.03),
      (size.height - rows * (rulerHeight + gap)) / (rows * usable),
    );
    if (scale > best.scale * 1.1) {
      best = { rows, scale };
    }
  }

  return best;
}

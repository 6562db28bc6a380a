import type { Cloth } from "../../model/cloth";
import type { Unit, Yardage } from "../../api/client";
import { useSize } from "../useSize";
import { RemnantDrawings } from "./RemnantDrawings";
import { RollHandBar } from "./RollHandBar";
import { RollRow } from "./RollRow";
import { rowsFor } from "./rollScale";
import { useRollHand, type RollHand } from "./useRollHand";

interface Props {
  yardage: Yardage;
  unit: Unit;
  currentId: string | null;
}

/** Nothing is drawn on less, which a page still being laid out may give. */
const narrowest = 40;

/** As wide as a sheet of paper inside its margins, in CSS pixels, and no higher than half of one. */
const sheet = { width: 700, height: 460 };

/** The roll with its ruled edge and every piece on it in its true shape, cut end on the left; a long roll goes on in a row below. */
export function RollDrawing({ yardage, unit, currentId, hand }: Props & { hand?: RollHand }) {
  const { ref, size } = useSize<HTMLDivElement>({ width: 780, height: 190 });
  return (
    <div className="roll-drawing" ref={ref}>
      <RollRows yardage={yardage} unit={unit} currentId={currentId} hand={hand} size={size} />
    </div>
  );
}

/** The roll for paper: drawn to the width of a sheet, and shown as wide as there is room, whole and in proportion. */
export function RollOnPaper({ yardage, unit }: Omit<Props, "currentId">) {
  return (
    <div className="roll-on-paper">
      <RollRows yardage={yardage} unit={unit} currentId={null} hand={undefined} size={sheet} onPaper />
    </div>
  );
}

const miniature = { width: 188, height: 150 };

/** The roll at a glance. */
export function RollMiniature({ yardage, unit }: Omit<Props, "currentId">) {
  return (
    <span className="roll-miniature">
      <RollRows yardage={yardage} unit={unit} currentId={null} hand={undefined} size={miniature} isGlance />
    </span>
  );
}

interface RowsProps extends Props {
  hand: RollHand | undefined;
  size: { width: number; height: number };
  onPaper?: boolean;
  /** A picture within something that says in words what it shows. */
  isGlance?: boolean;
}

function RollRows({ yardage, unit, currentId, hand, size, onPaper = false, isGlance = false }: RowsProps) {
  const { lay, buy, usableWidth } = yardage;
  if (!lay || !buy || !usableWidth || size.width < narrowest || size.height < narrowest) {
    return null;
  }

  const step = unit === "in" ? 914.4 : 1000;
  const drawn = Math.max(buy.buy, usableWidth / 2); // a lay wholly on remnants leaves the roll as it is
  const { rows, scale } = rowsFor(drawn, usableWidth, size);
  const perRow =
    rows === 1 ? Math.max(drawn * 1.03, (size.width - 12) / scale) : Math.ceil(drawn / rows / step) * step;
  const across = (size.width - 12) / perRow; // what fills the width: paper has room below, the bench has not
  const count = yardage.pieces.reduce((sum, piece) => sum + piece.copies, 0);
  return (
    <div
      className="roll-rows"
      {...(isGlance
        ? { "aria-hidden": true }
        : {
            role: hand ? "group" : "img",
            "aria-label": `The lay: ${count} pieces on ${buy.figure} ${buy.unit}`,
          })}
    >
      {Array.from({ length: rows }, (_, row) => (
        <RollRow
          key={row}
          yardage={yardage}
          currentId={currentId}
          from={row * perRow}
          to={rows === 1 ? perRow : Math.min((row + 1) * perRow, drawn * 1.03)}
          scale={onPaper ? across : Math.min(scale, across)}
          step={step}
          unit={buy.unit}
          hand={hand}
          share={onPaper ? size.width : null}
        />
      ))}
    </div>
  );
}

/** The roll with pieces that can be picked up, turned and pinned. */
export function RollBoard({ yardage, unit, currentId, cloth }: Props & { cloth: Cloth }) {
  const hand = useRollHand(yardage, cloth, unit);
  return (
    <>
      <RollDrawing yardage={yardage} unit={unit} currentId={currentId} hand={hand} />
      <RemnantDrawings yardage={yardage} />
      <RollHandBar hand={hand} cloth={cloth} unit={unit} />
    </>
  );
}

import type { Yardage } from "../../api/client";
import { RollRow, type Cut } from "./RollRow";
import { ruledIn, type RollLayout } from "./rollScale";
import type { RollHand } from "./useRollHand";

interface Props {
  yardage: Yardage;
  layout: RollLayout | null;
  /** The codes of the laid pieces by their lay ids. */
  codes: ReadonlyMap<string, string>;
  currentId?: string | null;
  hand?: RollHand;
  /** The cuts right across, numbered. */
  cuts?: Cut[];
  /** On paper: as wide as the sheet is, in pixels, for a row takes its share of it. */
  sheet?: number;
  /** A picture within something that says in words what it shows. */
  isGlance?: boolean;
}

/** The roll with its ruled edge and every piece on it in its true shape, cut end on the left; a long roll goes on in a row below. */
export function RollRows(props: Props) {
  const { yardage, layout, codes, currentId = null, hand, cuts = [], sheet, isGlance = false } = props;
  const { buy } = yardage;
  if (!layout || !buy) {
    return null;
  }

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
      {layout.rows.map((stretch) => (
        <RollRow
          key={stretch.from}
          yardage={yardage}
          codes={codes}
          currentId={currentId}
          stretch={stretch}
          scale={layout.scale}
          step={layout.step}
          unit={ruledIn(layout)}
          hand={hand}
          cuts={cuts}
          sheet={sheet ?? null}
        />
      ))}
    </div>
  );
}

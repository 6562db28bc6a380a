import type { Unit, Yardage } from "../../api/client";
import { RollRows } from "./RollRows";
import type { Cut } from "./RollRow";
import { layoutOnPaper } from "./rollScale";

interface Props {
  yardage: Yardage;
  unit: Unit;
  codes: ReadonlyMap<string, string>;
  cuts: Cut[];
}

/** As wide as a sheet of paper inside its margins, in CSS pixels. */
const sheet = 700;

/** The roll for paper: drawn to the width of a sheet, in as many rows as it takes to tell small pieces apart. */
export function RollOnPaper({ yardage, unit, codes, cuts }: Props) {
  return (
    <div className="roll-on-paper">
      <RollRows
        yardage={yardage}
        layout={layoutOnPaper(yardage, unit, sheet)}
        codes={codes}
        cuts={cuts}
        sheet={sheet}
      />
    </div>
  );
}

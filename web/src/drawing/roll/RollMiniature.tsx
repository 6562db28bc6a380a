import type { Unit, Yardage } from "../../api/client";
import { RollRows } from "./RollRows";
import { layoutIn } from "./rollScale";

const miniature = { width: 188, height: 150 };
const none: ReadonlyMap<string, string> = new Map();

/** The roll at a glance. */
export function RollMiniature({ yardage, unit }: { yardage: Yardage; unit: Unit }) {
  return (
    <span className="roll-miniature">
      <RollRows yardage={yardage} layout={layoutIn(yardage, unit, miniature)} codes={none} isGlance />
    </span>
  );
}

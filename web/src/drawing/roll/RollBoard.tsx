import type { Unit, Yardage } from "../../api/client";
import type { Cloth } from "../../model/cloth/cloth";
import { useBench } from "../../model/job/benchStore";
import { codesOn } from "../../model/cover/codes";
import { RemnantDrawings } from "./RemnantDrawings";
import { RollDrawing } from "./RollDrawing";
import { RollHandBar } from "./RollHandBar";
import { useRollHand } from "./useRollHand";

interface Props {
  yardage: Yardage;
  unit: Unit;
  currentId: string | null;
  cloth: Cloth;
}

/** The roll with pieces that can be picked up, turned and pinned. */
export function RollBoard({ yardage, unit, currentId, cloth }: Props) {
  const hand = useRollHand(yardage, cloth, unit);
  const codes = codesOn(
    yardage,
    useBench((state) => state.letters),
  );
  return (
    <>
      <RollDrawing yardage={yardage} unit={unit} codes={codes} currentId={currentId} hand={hand} />
      <RemnantDrawings yardage={yardage} codes={codes} />
      <RollHandBar hand={hand} cloth={cloth} unit={unit} codes={codes} />
    </>
  );
}

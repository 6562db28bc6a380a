import type { Unit, Yardage } from "../../api/client";
import { RemnantDrawings } from "../../drawing/roll/RemnantDrawings";
import { RollOnPaper } from "../../drawing/roll/RollOnPaper";
import { codesOn, type Letters } from "../../model/cover/codes";
import { cutSteps } from "../../model/pieces/cutSteps";
import { CutOrder } from "./CutOrder";

interface Props {
  yardage: Yardage;
  unit: Unit;
  letters: Letters;
}

/** The lay with every piece under its code, and the cuts right across it, numbered on the cloth and in their order. */
export function LayOnPaper({ yardage, unit, letters }: Props) {
  const codes = codesOn(yardage, letters);
  const steps = cutSteps(yardage.cuts, (piece) => codes.get(piece) ?? "");
  const cuts = steps.flatMap(({ ends }, i) => ends.map((at) => ({ at, step: i + 1 })));
  return (
    <>
      <RollOnPaper yardage={yardage} unit={unit} codes={codes} cuts={cuts} />
      <RemnantDrawings yardage={yardage} codes={codes} />
      <CutOrder steps={steps} />
    </>
  );
}

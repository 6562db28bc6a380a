import type { Cloth, Unit, Yardage } from "../api/client";
import { ChecksFor } from "../ui/ChecksFor";
import { ClothFields } from "./ClothFields";
import { RollDrawing } from "./RollDrawing";
import "./cloth.css";

interface Props {
  yardage: Yardage | null;
  cloth: Cloth;
  unit: Unit;
  currentId: string | null;
}

/** The cloth as a roll: what it is, and every piece of the job on it. */
export function RollPanel({ yardage, cloth, unit, currentId }: Props) {
  const lay = yardage?.lay;
  return (
    <section className="sheet roll-panel" aria-label="Cloth" id="cloth">
      <ClothFields cloth={cloth} unit={unit} usable={yardage?.usableWidthShown ?? null} checks={yardage?.checks ?? []} />
      {yardage && <RollDrawing yardage={yardage} cloth={cloth} unit={unit} currentId={currentId} />}
      {lay && yardage.buy && (
        <p className="lay-facts">
          {yardage.pieces.reduce((sum, piece) => sum + piece.copies, 0)} pieces laid
          {yardage.joins > 0 ? `, ${yardage.joins} joins the width forces` : ", no joins"}; {Math.round(yardage.buy.waste * 100)} % of the cloth in no
          piece; no lay can be shorter than {Math.round((lay.bound / lay.length) * 100)} % of this one.
        </p>
      )}
      <ChecksFor checks={yardage?.checks ?? []} />
    </section>
  );
}

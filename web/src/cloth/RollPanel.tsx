import type { Check, Cloth, Unit, Yardage } from "../api/client";
import type { JobDocument } from "../jobs/document";
import { ChecksFor } from "../ui/ChecksFor";
import { ClothChoice } from "./ClothChoice";
import { ClothFields } from "./ClothFields";
import { Notions } from "./Notions";
import { RollDrawing } from "./RollDrawing";
import "./cloth.css";

interface Props {
  yardage: Yardage | null;
  /** What is shown is from before the last entry, which cannot be read. */
  stale: boolean;
  checks: Check[];
  document: JobDocument;
  /** The cloth the cover on the bench is cut from, which is the one shown. */
  cloth: Cloth;
  unit: Unit;
  currentId: string | null;
}

/** The cloth as a roll: what it is, and every piece of the job on it. */
export function RollPanel({ yardage, stale, checks, document, cloth, unit, currentId }: Props) {
  return (
    <section className={stale ? "sheet roll-panel stale" : "sheet roll-panel"} aria-label="Cloth" id="cloth">
      <ClothChoice document={document} cloth={cloth} />
      <ClothFields
        cloth={cloth}
        unit={unit}
        usable={yardage?.usableWidthShown ?? null}
        checks={checks}
        isOnly={document.cloth.others.length === 0}
      />
      {yardage && <RollDrawing yardage={yardage} unit={unit} currentId={currentId} />}
      {yardage && <Notions yardage={yardage} />}
      <ChecksFor checks={checks} />
    </section>
  );
}

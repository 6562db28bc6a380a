import { TextButton } from "../../../ui/TextButton";
import type { Cloth } from "../../../model/cloth/cloth";
import type { Check, Unit, Yardage } from "../../../api/client";
import { cutFromAnother } from "../../../model/job/benchCloth";
import type { JobDocument } from "../../../model/job/document";
import { ChecksFor } from "../../../ui/checks/ChecksFor";
import { ClothChoice } from "./ClothChoice";
import { ClothFields } from "./ClothFields";
import { Notions } from "../../../ui/Notions";
import { ClothMore } from "./ClothMore";
import { LayScope } from "./LayScope";
import { RollBoard } from "../../../drawing/roll/RollBoard";
import "./cloth.css";

interface Props {
  yardage: Yardage | null;
  /** What is shown is from before the last entry, which cannot be read. */
  stale: boolean;
  checks: Check[];
  /** What would be bought by over what the pattern is matched. */
  matchings: Record<string, string>;
  document: JobDocument;
  /** The cloth the cover on the bench is cut from, which is the one shown. */
  cloth: Cloth;
  unit: Unit;
  currentId: string | null;
}

/** The cloth as a roll: what it is, and every piece of the job on it. */
export function RollPanel({ yardage, stale, checks, matchings, document, cloth, unit, currentId }: Props) {
  return (
    <section className={stale ? "sheet roll-panel stale" : "sheet roll-panel"} aria-label="Cloth" id="cloth">
      <ClothChoice document={document} cloth={cloth} />
      <ClothFields cloth={cloth} unit={unit} usable={yardage?.usableWidthShown ?? null} checks={checks} />
      <ClothMore cloth={cloth} unit={unit} checks={checks} matchings={matchings} />
      <ChecksFor checks={checks} />
      {yardage && <RollBoard yardage={yardage} unit={unit} currentId={currentId} cloth={cloth} />}
      <div className="roll-foot">
        <LayScope covers={document.covers.length} />
        {document.cloths.length === 1 && (
          <TextButton onClick={cutFromAnother}>+ cut this cover from another cloth</TextButton>
        )}
      </div>
      {yardage && <Notions yardage={yardage} />}
    </section>
  );
}

import type { EntryOf, SewingCards } from "../../api/client";
import type { CoverNumber } from "../../model/work/work";

export interface LabelCloth {
  name: string;
  batch: string;
  care: string;
  fire: string;
}

interface Props {
  sewing: SewingCards;
  which: CoverNumber;
  cloths: LabelCloth[];
  closed: EntryOf<"closed"> | null;
  /** The record's address as a square code. */
  code: string;
}

/** The label that is sewn in or kept with the cover: what was recorded, and no claim that a rule is kept. */
export function RecordLabel({ sewing, which, cloths, closed, code }: Props) {
  const { name, letter, count, closing } = sewing;
  const record = closed?.handOver;
  const unpick = record ? record.unpick : closing.unpick;
  return (
    <aside className="record-label" aria-label={`Label of ${letter} ${which.number}`}>
      <img
        src={`data:image/svg+xml;base64,${btoa(code)}`}
        alt="Square code with the address of the record"
        width={96}
        height={96}
      />
      <div>
        <strong>
          {letter} {name}
          {count > 1 && `, ${which.number} of ${count}`}
        </strong>
        <span>
          {closed
            ? `Made ${new Date(closed.at).toLocaleDateString()}${closed.by && ` by ${closed.by}`}`
            : "Maker and date: not handed over yet"}
        </span>
        <span>
          {record
            ? `${record.filling === "none" ? "Cover only" : "Cover and filling"}. ` +
              `Filling ${record.filling}, interliner ${record.interliner}.`
            : "Filling and interliner: not recorded yet"}
        </span>
        <span>
          Cloth:{" "}
          {cloths
            .map((cloth) => (cloth.batch ? `${cloth.name}, batch ${cloth.batch}` : cloth.name))
            .join("; ")}
        </span>
        <span>Treatment: {record?.treatment || "not known"}. See local rules.</span>
        {unpick && (
          <span>
            Unpick: {unpick}
            {record?.thread && `, thread ${record.thread}`}
          </span>
        )}
      </div>
    </aside>
  );
}

import { Button } from "antd";
import { useState } from "react";
import type { EntryOf, SewingCards } from "../../api/client";
import { workerHere } from "../../model/work/atWork";
import { told, type CoverNumber } from "../../model/work/work";
import { tell } from "../../queries/saving/workOutbox";
import { ToldNotes } from "../../ui/checks/ToldNotes";

interface Props {
  job: string;
  which: CoverNumber;
  sewing: SewingCards;
  /** It was handed over already. */
  closed: EntryOf<"closed"> | null;
}

const stuffings = [
  ["none", "none"],
  ["original", "the old one, put back"],
  ["replaced", "a new one"],
] as const;

/** Of what is filled one cannot guess whether the filling is the old one. */
const unsaid = "";

/** What only the maker knows of a finished cover, asked once; handing it over writes it into the record. */
export function HandOverForm({ job, which, sewing, closed }: Props) {
  const known = closed?.handOver;
  const [said, setSaid] = useState({
    unpick: known?.unpick ?? sewing.closing.unpick ?? "",
    thread: known?.thread ?? "",
    filling: known?.filling ?? (sewing.closing.filled ? unsaid : "none"),
    interliner: known?.interliner ?? "none",
    treatment: known?.treatment ?? "",
    leftOver: known?.leftOver ?? "",
  });
  const [isAsked, setAsked] = useState(false);
  const text = (name: "unpick" | "thread" | "treatment" | "leftOver", label: string, hint: string) => (
    <label>
      {label}
      <input
        value={said[name]}
        maxLength={300}
        placeholder={hint}
        onChange={(event) => setSaid({ ...said, [name]: event.target.value })}
      />
    </label>
  );
  const choice = (name: "filling" | "interliner", label: string) => (
    <label>
      {label}
      <select
        value={said[name]}
        aria-invalid={isAsked && said[name] === unsaid}
        onChange={(event) => setSaid({ ...said, [name]: event.target.value })}
      >
        {said[name] === unsaid && <option value={unsaid}>say which…</option>}
        {stuffings.map(([value, shown]) => (
          <option key={value} value={value}>
            {shown}
          </option>
        ))}
      </select>
    </label>
  );
  const handOver = () => {
    if (said.filling === unsaid) {
      setAsked(true);
      return;
    }

    const entry = told("closed", workerHere(), { ...which, subject: "handed-over", handOver: said });
    tell(job, ...(closed ? [told("undone", workerHere(), { subject: closed.id })] : []), entry);
  };
  return (
    <section className="closing-form no-print">
      <ToldNotes />
      <h1>
        {sewing.letter} {sewing.name}
        {sewing.count > 1 && `, ${which.number} of ${sewing.count}`}: handing over
      </h1>
      <div>
        {text("unpick", "Unpick point", "none: it opens by itself")}
        {text("thread", "Colour of the thread", "graphite 402")}
        {choice("filling", "Filling")}
        {choice("interliner", "Interliner")}
        {text("treatment", "Treatment that was recorded", "not known")}
        {text("leftOver", "Left over, and where it is kept", "half a yard, shelf 3")}
      </div>
      {isAsked && said.filling === unsaid && (
        <p role="alert">
          <strong>
            A filling was put in: say whether it is the old one or a new one. The label tells it.
          </strong>
        </p>
      )}
      <p>
        <Button type="primary" size="large" onClick={handOver}>
          {closed ? "Write it into the record again" : "Handed over: write it into the record"}
        </Button>{" "}
        <Button size="large" onClick={() => window.print()}>
          Print note and label
        </Button>
        {closed && <strong role="status"> Handed over {new Date(closed.at).toLocaleDateString()}.</strong>}
      </p>
    </section>
  );
}

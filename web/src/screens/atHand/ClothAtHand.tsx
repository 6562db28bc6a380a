import { useState } from "react";
import { Link } from "react-router";
import type { Unit } from "../../api/client";
import type { Had } from "./had";
import { HadFields } from "./HadFields";
import { LargestCard } from "./LargestCard";
import { useBegin } from "./useBegin";
import { useLargest } from "./useLargest";
import "./atHand.css";

const usual: Had = {
  width: "54",
  length: "60",
  selvage: "0",
  hem: "1",
  keeps: false,
  nap: "either",
  kind: "roll",
  count: "1",
  joinedFrom: 1,
};

/** A cloth one has: for each thing and way of making it, the largest that it gives, with the lay to prove it. */
export function ClothAtHand() {
  const [unit, setUnit] = useState<Unit>("in");
  const [cloth, setCloth] = useState(usual);
  const [form, setForm] = useState("");
  const { largest, isOutdated, isTrying } = useLargest(cloth, unit);
  const { begin, problem } = useBegin(cloth, unit);
  const { covers, usable, length, sheet } = largest;
  return (
    <main className="at-hand">
      <header>
        <Link to="/">← Jobs</Link>
        <h1>A cloth I have</h1>
        <p>How large is it? Everything below is really drafted and really laid on it.</p>
      </header>
      <HadFields cloth={cloth} onCloth={setCloth} unit={unit} onUnit={setUnit} />
      <p role="status">
        {problem ||
          largest.problem ||
          (isTrying ? "Trying every thing on it…" : `${covers.length} ways to use it.`)}
      </p>
      <nav className="at-hand-forms" aria-label="Things">
        <button type="button" aria-pressed={form === ""} onClick={() => setForm("")}>
          everything
        </button>
        {[...new Map(covers.map((cover) => [cover.form, cover.formLabel]))].map(([id, label]) => (
          <button key={id} type="button" aria-pressed={form === id} onClick={() => setForm(id)}>
            {label}
          </button>
        ))}
      </nav>
      <ul>
        {covers
          .filter((cover) => form === "" || cover.form === form)
          .map((cover) => (
            <LargestCard
              key={`${cover.form}.${cover.shape}.${cover.construction}`}
              cover={cover}
              {...{ usable, length, sheet, unit, isOutdated }}
              onBegin={() => void begin(cover)}
            />
          ))}
      </ul>
    </main>
  );
}

import { useState } from "react";
import { useParams } from "react-router";
import type { Measure } from "../../api/client";
import { isAsked, shapeOf } from "../../model/cover/shape";
import { SheetField } from "./SheetField";
import { SheetFile } from "./SheetFile";
import { SheetPhoto } from "./SheetPhoto";
import { useSheet } from "../../queries/job/useSheet";
import "./sheet.css";

const words = {
  opening: "Opening the sheet…",
  sent: "All at the bench",
  sending: "Sending…",
  offline: "No connection: kept on this phone, sent when it is back",
  refused: "Not taken at the bench; kept on this phone.",
  closed: "This sheet is closed. What you type is kept on this phone; save it as a file.",
};

/** The measuring sheet at the client's home: one large field at a time, every key kept on the phone. */
export function PhoneSheet() {
  const { token = "" } = useParams();
  const { sheet, filled, state, refusal, write, waiting } = useSheet(token);
  const [at, setAt] = useState<{ cover: number; field: number }>({ cover: 0, field: 0 });
  if (!sheet) {
    return (
      <main className="phone-sheet">
        <p role="status">
          {state === "closed"
            ? "This sheet is closed or has run out. Ask for a new code at the bench."
            : words[state]}
        </p>
      </main>
    );
  }

  const entry = sheet.covers[Math.min(at.cover, sheet.covers.length - 1)];
  const shape = entry ? shapeOf(sheet.catalogue, entry.cover) : null;
  if (!entry || !shape) {
    return (
      <main className="phone-sheet">
        <p>There is nothing on this sheet yet: put a thing on the bench first.</p>
      </main>
    );
  }

  const measures: Measure[] = shape.measures.filter(
    (measure) => isAsked(measure, entry.cover) || measure.axis === "diagonal" || measure.axis === "detail",
  );
  const field = Math.min(at.field, measures.length);
  const measure = measures[field];
  const valueOf = (name: string, stored: string) => filled[entry.id]?.[name]?.text ?? stored;
  const done = (known: Measure) => valueOf(known.name, entry.cover.measures[known.name] ?? "").trim() !== "";
  const step = (by: number) => {
    const next = field + by;
    if (next >= 0 && next <= measures.length) {
      setAt({ cover: at.cover, field: next });
    } else if (next > measures.length && at.cover + 1 < sheet.covers.length) {
      setAt({ cover: at.cover + 1, field: 0 });
    } else if (next < 0 && at.cover > 0) {
      setAt({ cover: at.cover - 1, field: 0 });
    }
  };
  const isLast = field === measures.length && at.cover + 1 >= sheet.covers.length;
  return (
    <main className="phone-sheet">
      <header>
        <strong>{sheet.name || "Measuring sheet"}</strong>
        <span className={`phone-state ${state}`} role="status">
          {words[state]}
          {state !== "sent" && waiting > 0 ? ` (${waiting})` : ""}
          {state === "refused" && ` ${refusal}`}
        </span>
      </header>
      <label className="phone-thing">
        <span className="visually-hidden">Thing</span>
        <select value={at.cover} onChange={(event) => setAt({ cover: Number(event.target.value), field: 0 })}>
          {sheet.covers.map((known, i) => (
            <option key={known.id} value={i}>
              {known.cover.name || `Cover ${i + 1}`} ({known.cover.count} alike)
            </option>
          ))}
        </select>
      </label>
      <ol className="phone-steps" aria-label="Measures">
        {measures.map((known, i) => (
          <li key={known.name}>
            <button
              type="button"
              aria-current={i === field ? "step" : undefined}
              className={done(known) ? "done" : ""}
              aria-label={`${known.label}${done(known) ? ", taken" : ""}`}
              onClick={() => setAt({ cover: at.cover, field: i })}
            />
          </li>
        ))}
      </ol>
      {measure ? (
        <SheetField
          key={`${entry.id}.${measure.name}`}
          measure={measure}
          unit={sheet.unit}
          text={valueOf(measure.name, entry.cover.measures[measure.name] ?? "")}
          note={valueOf(`note:${measure.name}`, entry.cover.notes[measure.name] ?? "")}
          onText={(text) => write(entry.id, measure.name, entry.cover.measures[measure.name] ?? "", text)}
          onNote={(text) =>
            write(entry.id, `note:${measure.name}`, entry.cover.notes[measure.name] ?? "", text)
          }
          onNext={() => step(1)}
        />
      ) : (
        <div className="phone-field">
          <label htmlFor="thing-note">What else to remember of this thing?</label>
          <textarea
            id="thing-note"
            rows={4}
            maxLength={2000}
            value={valueOf("note:", entry.cover.notes[""] ?? "")}
            onChange={(event) => write(entry.id, "note:", entry.cover.notes[""] ?? "", event.target.value)}
          />
        </div>
      )}
      <SheetPhoto token={token} cover={entry.id} measure={measure?.name ?? ""} />
      <nav className="phone-walk">
        <button type="button" onClick={() => step(-1)} disabled={field === 0 && at.cover === 0}>
          Back
        </button>
        <button type="button" className="on" onClick={() => step(1)} disabled={isLast}>
          {isLast ? "All done" : field === measures.length ? "Next thing" : "Next"}
        </button>
      </nav>
      <SheetFile name={sheet.name} covers={sheet.covers} filled={filled} waiting={waiting} />
    </main>
  );
}

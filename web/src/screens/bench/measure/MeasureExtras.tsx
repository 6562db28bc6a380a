import type { Cover } from "../../../model/cover";
import { useState } from "react";
import type { Measure } from "../../../api/client";
import { editText } from "../../../model/benchStore";
import { Photos } from "./Photos";

const uses = ["larger", "smaller", "mean"] as const;

interface Props {
  cover: Cover;
  coverId: string;
  measure: Measure;
  /** This measure moves the cut sizes most, or stands on the edge of what can be made. */
  worthASecond: string | null;
}

/** What else can be said of a measure: a second reading, a note, a photograph. */
export function MeasureExtras({ cover, coverId, measure, worthASecond }: Props) {
  const name = measure.name;
  const [opened, setOpened] = useState<string | null>(null);
  const second = cover.secondReadings[name] ?? "";
  const note = cover.notes[name] ?? "";
  const open = (part: string) => setOpened(opened === part ? null : part);
  return (
    <div className="measure-extras">
      <button
        type="button"
        className="extra"
        aria-expanded={opened === "second"}
        title={worthASecond ?? undefined}
        onClick={() => open("second")}
      >
        {second ? `second reading ${second}` : worthASecond ? "worth a second reading" : "+ second reading"}
      </button>
      <button type="button" className="extra" aria-expanded={opened === "note"} onClick={() => open("note")}>
        {note ? `“${note.slice(0, 18)}${note.length > 18 ? "…" : ""}”` : "+ note"}
      </button>
      <button
        type="button"
        className="extra"
        aria-expanded={opened === "photo"}
        onClick={() => open("photo")}
      >
        photographs
      </button>
      {opened === "second" && (
        <p className="extra-open">
          {worthASecond && <span>{worthASecond} </span>}
          <label>
            Second reading{" "}
            <input
              autoFocus
              value={second}
              aria-label={`Second reading of the ${measure.label.toLowerCase()}`}
              onChange={(event) => editText("secondReadings", name, event.target.value)}
            />
          </label>{" "}
          <label>
            use the{" "}
            <select
              value={cover.readingUse[name] ?? "larger"}
              onChange={(event) => editText("readingUse", name, event.target.value)}
            >
              {uses.map((use) => (
                <option key={use}>{use}</option>
              ))}
            </select>
          </label>
        </p>
      )}
      {opened === "note" && (
        <p className="extra-open">
          <input
            autoFocus
            className="note"
            maxLength={2000}
            placeholder={`What to remember of the ${measure.label.toLowerCase()}`}
            aria-label={`Note on the ${measure.label.toLowerCase()}`}
            value={note}
            onChange={(event) => editText("notes", name, event.target.value)}
          />
        </p>
      )}
      {opened === "photo" && <Photos coverId={coverId} measure={name} />}
    </div>
  );
}

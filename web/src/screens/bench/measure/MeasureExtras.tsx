import type { Cover } from "../../../model/cover";
import { useState } from "react";
import type { Measure } from "../../../api/client";
import { editText } from "../../../model/benchStore";
import { NoteField, noteButton } from "./NoteField";
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
      <div className="extra-buttons">
        <button
          type="button"
          className="extra"
          aria-expanded={opened === "second"}
          title={worthASecond ?? undefined}
          onClick={() => open("second")}
        >
          {second ? `second reading ${second}` : worthASecond ? "worth a second reading" : "+ second reading"}
        </button>
        <button
          type="button"
          className="extra"
          aria-expanded={opened === "note"}
          onClick={() => open("note")}
        >
          {noteButton(note)}
        </button>
        <button
          type="button"
          className="extra"
          aria-expanded={opened === "photo"}
          onClick={() => open("photo")}
        >
          photographs
        </button>
      </div>
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
      {opened === "note" && <NoteField hangsOn={name} of={measure.label.toLowerCase()} note={note} />}
      {opened === "photo" && (
        <div className="extra-open">
          <Photos coverId={coverId} measure={name} />
        </div>
      )}
    </div>
  );
}

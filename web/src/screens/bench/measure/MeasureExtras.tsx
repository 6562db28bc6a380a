import { TextButton } from "../../../ui/TextButton";
import type { Cover } from "../../../model/cover/cover";
import { useState } from "react";
import type { Measure } from "../../../api/client";
import { editText } from "../../../model/job/benchStore";
import { NoteField, noteButton } from "./NoteField";
import { Photos } from "./Photos";
import { secondButton, SecondReading } from "./SecondReading";

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
        <TextButton
          className="extra"
          aria-expanded={opened === "second"}
          title={worthASecond ?? undefined}
          onClick={() => open("second")}
        >
          {secondButton(second, worthASecond !== null)}
        </TextButton>
        <TextButton className="extra" aria-expanded={opened === "note"} onClick={() => open("note")}>
          {noteButton(note)}
        </TextButton>
        <TextButton className="extra" aria-expanded={opened === "photo"} onClick={() => open("photo")}>
          photographs
        </TextButton>
      </div>
      {opened === "second" && (
        <SecondReading
          of={measure.label.toLowerCase()}
          text={second}
          use={cover.readingUse[name] ?? ""}
          why={worthASecond}
          onType={(text) => editText("secondReadings", name, text)}
          onUse={(use) => editText("readingUse", name, use)}
        />
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

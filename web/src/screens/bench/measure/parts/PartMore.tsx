import { TextButton } from "../../../../ui/TextButton";
import { Button, Input } from "antd";
import { useState } from "react";
import type { Cover } from "../../../../model/cover/cover";
import {
  noteOf,
  usualParts,
  type Part,
  type PartLength,
  type PartSecond,
} from "../../../../model/cover/parts";
import { NoteField, noteButton } from "../NoteField";
import { Photos } from "../Photos";
import { secondButton, SecondReading } from "../SecondReading";
import { lengthNames } from "./PartTaking";

interface Props {
  cover: Cover;
  coverId: string;
  parts: Part[];
  part: Part;
  /** The length that is asked for. */
  asked: PartLength;
  onSecond: (said: PartSecond) => void;
  onRename: (name: string) => void;
  onTakeOff: () => void;
  onAdd: (name: string) => void;
}

/** What can be said of a part besides its lengths, and the parts there could be more of. */
export function PartMore({
  cover,
  coverId,
  parts,
  part,
  asked,
  onSecond,
  onRename,
  onTakeOff,
  onAdd,
}: Props) {
  const [opened, setOpened] = useState<string | null>(null);
  const open = (what: string) => setOpened(opened === what ? null : what);
  const hangsOn = noteOf(part.name);
  const note = cover.notes[hangsOn] ?? "";
  const opener = (what: string, label: string) => (
    <TextButton className="extra" aria-expanded={opened === what} onClick={() => open(what)}>
      {label}
    </TextButton>
  );
  const missing = usualParts.filter((usual) => !parts.some((known) => known.place === usual.place));
  // How deep a gap is is felt, not measured.
  const secondOf = asked === "width" ? "secondWidth" : asked === "height" ? "secondHeight" : null;
  return (
    <div className="measure-extras">
      {secondOf && opener("second", secondButton(part[secondOf]))}
      {opener("add", "+ add a part")}
      {opener("name", "name")}
      {opener("note", noteButton(note))}
      {opener("photo", "photographs of the thing")}
      <TextButton className="extra" onClick={onTakeOff}>
        take off the {part.name.toLowerCase()}
      </TextButton>
      {opened === "second" && secondOf && (
        <SecondReading
          of={`${part.name.toLowerCase()}: ${lengthNames[asked]}`}
          text={part[secondOf]}
          use={part.readingUse}
          onType={(text) => onSecond({ [secondOf]: text })}
          onUse={(use) => onSecond({ readingUse: use })}
        />
      )}
      {opened === "add" && (
        <p className="extra-open part-adding">
          {[...missing.map((usual) => usual.name), "Another part"].map((name) => (
            <Button
              key={name}
              onClick={() => {
                onAdd(name);
                setOpened(name === "Another part" ? "name" : null);
              }}
            >
              {name.toLowerCase()}
            </Button>
          ))}
        </p>
      )}
      {opened === "name" && (
        <p className="extra-open">
          <Input
            size="small"
            autoFocus
            className="note"
            maxLength={100}
            aria-label="Name of the part"
            value={part.typedName}
            onChange={(event) => onRename(event.target.value)}
          />
        </p>
      )}
      {opened === "note" && <NoteField hangsOn={hangsOn} of={part.name.toLowerCase()} note={note} />}
      {/* They hang on the thing: a part may get another name, or be taken off. */}
      {opened === "photo" && <Photos coverId={coverId} measure="" />}
    </div>
  );
}

import { Button } from "antd";
import { useState } from "react";
import type { Cover } from "../../../../model/cover";
import { noteOf, usualParts, type Part } from "../../../../model/parts";
import { NoteField, noteButton } from "../NoteField";
import { Photos } from "../Photos";

interface Props {
  cover: Cover;
  coverId: string;
  parts: Part[];
  part: Part;
  onRename: (name: string) => void;
  onTakeOff: () => void;
  onAdd: (name: string) => void;
}

/** What can be said of a part besides its lengths, and the parts there could be more of. */
export function PartMore({ cover, coverId, parts, part, onRename, onTakeOff, onAdd }: Props) {
  const [opened, setOpened] = useState<string | null>(null);
  const open = (what: string) => setOpened(opened === what ? null : what);
  const hangsOn = noteOf(part.name);
  const note = cover.notes[hangsOn] ?? "";
  const opener = (what: string, label: string) => (
    <button type="button" className="extra" aria-expanded={opened === what} onClick={() => open(what)}>
      {label}
    </button>
  );
  const missing = usualParts.filter((usual) => !parts.some((known) => known.place === usual.place));
  return (
    <div className="measure-extras">
      {opener("add", "+ add a part")}
      {opener("name", "name")}
      {opener("note", noteButton(note))}
      {opener("photo", "photographs of the thing")}
      <button type="button" className="extra" onClick={onTakeOff}>
        take off the {part.name.toLowerCase()}
      </button>
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
          <input
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

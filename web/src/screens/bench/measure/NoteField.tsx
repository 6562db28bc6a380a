import { Input } from "antd";
import { editText } from "../../../model/job/benchStore";

/** What a note begins with, for the button that opens it. */
export function noteButton(note: string): string {
  return note ? `“${note.slice(0, 18)}${note.length > 18 ? "…" : ""}”` : "+ note";
}

interface Props {
  /** What the note is kept under. */
  hangsOn: string;
  /** What it is about, in words. */
  of: string;
  note: string;
}

/** A note on a measure or a part. */
export function NoteField({ hangsOn, of, note }: Props) {
  return (
    <p className="extra-open">
      <Input
        size="small"
        autoFocus
        className="note"
        maxLength={2000}
        placeholder={`What to remember of the ${of}`}
        aria-label={`Note on the ${of}`}
        value={note}
        onChange={(event) => editText("notes", hangsOn, event.target.value)}
      />
    </p>
  );
}

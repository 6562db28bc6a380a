import { noteRead, useToldHere } from "../../queries/saving/workOutbox";
import "../hand.css";

/** What the store had to say of what was ticked here, until it was read. */
export function ToldNotes() {
  const notes = useToldHere((state) => state.notes);
  return (
    <div className="told-notes" role="status">
      {notes.map((note) => (
        <p key={`${note.entry} ${note.code}`}>
          <span>{note.text}</span>
          <button type="button" className="hand-small" onClick={() => noteRead(note.entry)}>
            Read
          </button>
        </p>
      ))}
    </div>
  );
}

import type { WorkEntry } from "../../api/client";

interface Props {
  entry: WorkEntry;
  code: string;
  onUndo: () => void;
  onSpoiled: () => void;
  onForward: () => void;
}

/** A piece that was ticked: looked at again, taken back, or spoiled. */
export function LookingBack({ entry, code, onUndo, onSpoiled, onForward }: Props) {
  return (
    <section className="sheet cut-back">
      <h2>
        <strong>{code}</strong> {entry.subject.replaceAll("-", " ")}, copy {entry.number}
      </h2>
      <p>
        Ticked as cut{entry.by && ` by ${entry.by}`} at{" "}
        {new Date(entry.at).toLocaleTimeString([], { hour: "2-digit", minute: "2-digit" })}. It keeps the size
        it was cut at, whatever is measured later.
      </p>
      <p className="cut-choices">
        <button type="button" className="hand-small" onClick={onUndo}>
          Not cut after all
        </button>
        <button type="button" className="hand-small" onClick={onSpoiled}>
          Spoiled: cut it again
        </button>
        <button type="button" className="hand-small" onClick={onForward}>
          It is right
        </button>
      </p>
    </section>
  );
}

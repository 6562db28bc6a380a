import type { Measure, Unit } from "../../api/client";

interface Props {
  measure: Measure;
  unit: Unit;
  text: string;
  note: string;
  onText: (text: string) => void;
  onNote: (text: string) => void;
  onNext: () => void;
}

/** One measure, as large as a thumb and an eye at arm's length want it. */
export function SheetField({ measure, unit, text, note, onText, onNote, onNext }: Props) {
  return (
    <div className="phone-field">
      <label htmlFor="figure">{measure.label}</label>
      <p id="guidance">{measure.guidance}</p>
      <span className="phone-entry">
        <input
          id="figure"
          autoFocus
          value={text}
          maxLength={200}
          inputMode="text"
          autoComplete="off"
          spellCheck={false}
          enterKeyHint="next"
          aria-describedby="guidance"
          onChange={(event) => onText(event.target.value)}
          onKeyDown={(event) => {
            if (event.key === "Enter") {
              event.preventDefault();
              onNext();
            }
          }}
        />
        <span>{unit}</span>
      </span>
      <div className="phone-fractions" aria-label="Fractions">
        {(unit === "in" ? ["1/8", "1/4", "3/8", "1/2", "5/8", "3/4", "7/8"] : []).map((fraction) => (
          <button
            key={fraction}
            type="button"
            onClick={() => onText(`${text.trim().replace(/\s+\d+\/\d+$/, "")} ${fraction}`.trim())}
          >
            {fraction}
          </button>
        ))}
      </div>
      <label htmlFor="note" className="phone-note">
        Note
      </label>
      <input
        id="note"
        className="note"
        maxLength={2000}
        placeholder="wall leans, corner rounded…"
        value={note}
        onChange={(event) => onNote(event.target.value)}
      />
    </div>
  );
}

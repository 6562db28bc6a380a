import { useEffect, useRef, type KeyboardEvent } from "react";
import type { Measure, Unit } from "../../../api/client";

/** As large as the text allows: a short figure is read at arm's length, a sum off a short tape still fits. */
function sizeFor(text: string): number {
  return text.length <= 7 ? 42 : text.length <= 11 ? 30 : 20;
}

interface Props {
  measure: Pick<Measure, "label">;
  unit: Unit;
  text: string;
  wrong: boolean;
  onChange: (text: string) => void;
  onWalk: (step: 1 | -1) => void;
}

/** The measure being taken, as large as it can be read at arm's length; Enter goes on to the next. */
export function MeasureField({ measure, unit, text, wrong, onChange, onWalk }: Props) {
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    if (document.activeElement?.matches("[data-cell]") !== true) {
      field.current?.focus();
      field.current?.select(); // not while rows are typed, which come first
    }
  }, []);

  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === "Enter" || event.key === "ArrowDown" || event.key === "ArrowUp") {
      event.preventDefault();
      onWalk(event.key === "ArrowUp" || event.shiftKey ? -1 : 1);
    }
  };
  return (
    <label className={wrong ? "measure-field wrong" : "measure-field"}>
      <span className="panel-heading">{measure.label}</span>
      <span className="measure-entry">
        <input
          ref={field}
          style={{ fontSize: sizeFor(text) }}
          value={text}
          inputMode="text"
          autoComplete="off"
          spellCheck={false}
          aria-invalid={wrong}
          aria-describedby="measure-guidance"
          onChange={(event) => onChange(event.target.value)}
          onKeyDown={onKeyDown}
        />
        <span className="measure-unit">{unit}</span>
      </span>
    </label>
  );
}

import { useEffect, useRef, type KeyboardEvent } from "react";
import { editCover } from "../../../model/benchStore";
import { measuredFrom } from "../../../model/choices";

/** Asked before anything is measured, as if it were the first measure. */
export const fromMeasure = "measuredFrom";

/** What the tape lies on: each is converted in its own way, so it is asked first. Arrows choose, Enter goes on. */
export function FromField({ value, onWalk }: { value: string; onWalk: (step: 1 | -1) => void }) {
  const group = useRef<HTMLDivElement>(null);
  const at = measuredFrom.findIndex((known) => known.value === value);
  useEffect(() => {
    group.current?.querySelector<HTMLElement>('[aria-checked="true"]')?.focus();
  }, [value]);

  const choose = (chosen: string) =>
    editCover("measuredFrom", (before) => ({ ...before, measuredFrom: chosen }));
  const onKeyDown = (event: KeyboardEvent) => {
    const step = { ArrowDown: 1, ArrowRight: 1, ArrowUp: -1, ArrowLeft: -1 }[event.key];
    if (event.key === "Enter") {
      event.preventDefault();
      onWalk(1);
    } else if (step) {
      event.preventDefault();
      choose(measuredFrom[(at + step + measuredFrom.length) % measuredFrom.length]!.value);
    }
  };
  return (
    <div className="from-field">
      <span className="panel-heading" id="from-label">
        What does the tape lie on?
      </span>
      <div ref={group} role="radiogroup" aria-labelledby="from-label" className="from-choices">
        {measuredFrom.map((known) => (
          <button
            key={known.value}
            type="button"
            role="radio"
            aria-checked={known.value === value}
            tabIndex={known.value === value ? 0 : -1}
            onKeyDown={onKeyDown}
            onClick={() => {
              choose(known.value);
              onWalk(1);
            }}
          >
            {known.label}
          </button>
        ))}
      </div>
    </div>
  );
}

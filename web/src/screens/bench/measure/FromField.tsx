import { useEffect, useRef, type KeyboardEvent } from "react";
import type { MeasuredFrom } from "../../../model/cover/cover";
import { editCover } from "../../../model/job/benchStore";

/** Asked before anything is measured, as if it were the first measure. */
export const fromMeasure = "measuredFrom";

interface Props {
  value: MeasuredFrom;
  answers: { word: MeasuredFrom; label: string }[];
  onWalk: (step: 1 | -1) => void;
}

/**
 * What the tape lies on: each is converted in its own way, so it is asked first. Arrows choose, Enter goes on; a figure typed
 * here takes the answer that stands and is the first of the first measure.
 */
export function FromField({ value, answers, onWalk }: Props) {
  const group = useRef<HTMLDivElement>(null);
  const at = answers.findIndex((known) => known.word === value);
  useEffect(() => {
    group.current?.querySelector<HTMLElement>('[aria-checked="true"]')?.focus();
  }, [value]);

  const choose = (chosen: MeasuredFrom) =>
    editCover("measuredFrom", (before) => ({ ...before, measuredFrom: chosen }));
  const onKeyDown = (event: KeyboardEvent) => {
    const step = { ArrowDown: 1, ArrowRight: 1, ArrowUp: -1, ArrowLeft: -1 }[event.key];
    if (event.key === "Enter") {
      event.preventDefault();
      onWalk(1);
    } else if (/^[0-9.,]$/.test(event.key) && !event.ctrlKey && !event.metaKey && !event.altKey) {
      onWalk(1); // the field of the first measure has the focus now, and the key is typed into it
    } else if (step) {
      event.preventDefault();
      choose(answers[(at + step + answers.length) % answers.length]!.word);
    }
  };
  return (
    <div className="from-field">
      <span className="panel-heading" id="from-label">
        What does the tape lie on?
      </span>
      <div ref={group} role="radiogroup" aria-labelledby="from-label" className="from-choices">
        {answers.map((known) => (
          <button
            key={known.word}
            type="button"
            role="radio"
            aria-checked={known.word === value}
            tabIndex={known.word === value ? 0 : -1}
            onKeyDown={onKeyDown}
            onClick={() => {
              choose(known.word);
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

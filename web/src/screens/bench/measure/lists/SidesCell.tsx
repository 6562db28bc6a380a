import type { KeyboardEvent } from "react";

const letters: Record<string, string> = { top: "T", right: "R", bottom: "B", left: "L" };

interface Props {
  value: string[];
  onChange: (value: string[]) => void;
  "data-cell": string;
  "aria-label": string;
  onKeyDown: (event: KeyboardEvent) => void;
}

/** Some of the four edges of a zone, each a touch: top, right, bottom, left. */
export function SidesCell({ value, onChange, onKeyDown, ...named }: Props) {
  return (
    <span className="sides" role="group" aria-label={named["aria-label"]}>
      {Object.entries(letters).map(([side, letter], i) => (
        <button
          key={side}
          type="button"
          {...(i === 0 ? { "data-cell": named["data-cell"] } : {})}
          aria-label={side}
          aria-pressed={value.includes(side)}
          onKeyDown={onKeyDown}
          onClick={() =>
            onChange(value.includes(side) ? value.filter((known) => known !== side) : [...value, side])
          }
        >
          {letter}
        </button>
      ))}
    </span>
  );
}

import type { Catalogue } from "../api/client";
import "./handling.css";

/** Needle, thread, foot and finish that a cloth asks for by what it is like. */
export function HandlingOf({ traits }: { traits: Catalogue["traits"] }) {
  return (
    traits.length > 0 && (
      <ul className="handling" aria-label="What this cloth asks for">
        {traits.map(({ word, label, handling }) => (
          <li key={word}>
            <strong>{label}:</strong> {handling}
          </li>
        ))}
      </ul>
    )
  );
}

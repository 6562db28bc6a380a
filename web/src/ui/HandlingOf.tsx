import type { Catalogue } from "../api/client";
import type { Cloth } from "../model/cloth/cloth";
import "./handling.css";

interface Props {
  cloth: Cloth;
  /** Every trait there is. */
  traits: Catalogue["traits"];
}

/** Needle, thread, foot and finish that a cloth asks for by what it is like. */
export function HandlingOf({ cloth, traits }: Props) {
  const its = traits.filter(({ word }) => cloth.traits.includes(word));
  return (
    its.length > 0 && (
      <ul className="handling" aria-label="What this cloth asks for">
        {its.map(({ word, label, handling }) => (
          <li key={word}>
            <strong>{label}:</strong> {handling}
          </li>
        ))}
      </ul>
    )
  );
}

import type { ClothCutting, WorkEntry } from "../../api/client";

interface Props {
  cloth: ClothCutting;
  cut: WorkEntry[];
  onSpoiled: (entry: WorkEntry) => void;
}

/** What no longer fits: pieces that were measured anew after they were cut, and those there is no cloth for. */
export function Trouble({ cloth, cut, onSpoiled }: Props) {
  return (
    <section className="cut-trouble" role="alert">
      {cloth.lacking !== null && <h2>The cloth is {cloth.lacking} too short for all of it.</h2>}
      <ul>
        {cloth.trouble.map((one) => {
          const entry = cut.find(
            (known) => known.cover === one.cover && known.subject === one.piece && known.number === one.copy,
          );
          return (
            <li key={`${one.cover} ${one.piece} ${one.copy} ${one.rescue}`}>
              <span>
                <strong>{one.code}</strong> {one.name}, copy {one.copy}: {one.text}
              </span>
              {one.rescue === "cut-again" && entry && (
                <button type="button" className="hand-small" onClick={() => onSpoiled(entry)}>
                  Cut it again
                </button>
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}

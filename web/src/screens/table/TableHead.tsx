import { Link } from "react-router";
import type { ClothCutting } from "../../api/client";
import { Figure } from "../../drawing/Figure";

interface Props {
  job: string;
  cloth: ClothCutting;
  cloths: { key: string; name: string }[];
  onCloth: (key: string) => void;
  wrongSide: boolean;
  onWrongSide: (wrongSide: boolean) => void;
  left: number;
  done: number;
}

/** Which cloth lies on the table, how far it is, and which side of it is up. */
export function TableHead({ job, cloth, cloths, onCloth, wrongSide, onWrongSide, left, done }: Props) {
  return (
    <header>
      <h1>{cloth.name}</h1>
      <p>{left > 0 ? `piece ${done + 1} of ${done + left}` : `all ${done} pieces cut`}</p>
      <p>
        <Figure text={cloth.lengthShown} /> of the roll
      </p>
      <label className="cut-wrong-side">
        <input type="checkbox" checked={wrongSide} onChange={(event) => onWrongSide(event.target.checked)} />
        wrong side up
      </label>
      <Link to={`/jobs/${job}/cutting-sheet`}>On paper</Link>
      <Link to={`/jobs/${job}/cut-cards`}>Cut cards</Link>
      {cloths.length > 1 && (
        <nav aria-label="Cloths">
          {cloths.map(({ key, name }) => (
            <button
              key={key}
              type="button"
              className="hand-small"
              aria-pressed={key === cloth.key}
              onClick={() => onCloth(key)}
            >
              {name}
            </button>
          ))}
        </nav>
      )}
      <progress max={done + left} value={done} aria-label="Pieces cut" />
    </header>
  );
}

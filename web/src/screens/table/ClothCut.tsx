import { Link } from "react-router";
import type { ClothCutting } from "../../api/client";

interface Props {
  job: string;
  cloth: ClothCutting;
  /** The next cloth to lay on the table. */
  next: { key: string; name: string } | null;
  onCloth: (key: string) => void;
}

/** All of a cloth is cut. */
export function ClothCut({ job, cloth, next, onCloth }: Props) {
  return (
    <section className="sheet cut-back">
      <h2>All of {cloth.name} is cut.</h2>
      <p>
        {cloth.lengthShown} of the roll are gone. What is left over goes on the shelf from the cutting sheet,
        with its size.
      </p>
      <p className="cut-choices">
        {next && (
          <button type="button" className="hand-small" onClick={() => onCloth(next.key)}>
            Lay {next.name} on the table
          </button>
        )}
        <Link className="hand-small" to={`/jobs/${job}/cutting-sheet`}>
          What is left over
        </Link>
        <Link className="hand-small" to={`/jobs/${job}/sewing`}>
          On to the sewing
        </Link>
      </p>
    </section>
  );
}

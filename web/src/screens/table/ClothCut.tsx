import { Link } from "react-router";
import type { ClothCutting } from "../../api/client";

/** All of a cloth is cut. */
export function ClothCut({ job, cloth }: { job: string; cloth: ClothCutting }) {
  return (
    <section className="sheet cut-back">
      <h2>All of {cloth.name} is cut.</h2>
      <p>
        {cloth.lengthShown} of the roll are gone. What is left over goes on the shelf from the cutting sheet,
        with its size.
      </p>
      <p className="cut-choices">
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

import { Link } from "react-router";
import type { SewingCards } from "../../api/client";

interface Props {
  job: string;
  sewing: SewingCards;
  number: number | null;
  onBack: () => void;
}

/** After the last card. */
export function AllSewn({ job, sewing, number, onBack }: Props) {
  return (
    <main className="sew-done">
      <h1>
        {sewing.letter} {sewing.name}
        {sewing.count > 1 && (number === null ? `, all ${sewing.count}` : `, ${number} of ${sewing.count}`)}:
        all sewn.
      </h1>
      <p>Every card has been ticked. Look it over in good light before it goes on.</p>
      <p>
        <button type="button" className="hand-button" onClick={onBack}>
          Back to the last card
        </button>
        <Link className="hand-button is-first" to={`/jobs/${job}/sewing`}>
          All covers of this job
        </Link>
      </p>
    </main>
  );
}

import type { SewingCards } from "../../api/client";
import { schools } from "../../model/schools";
import { useSchools } from "../../queries/useSchools";

interface Props {
  job: string;
  sewing: SewingCards;
  /** What was chosen for it; what is not said is as usual. */
  chosen: Record<string, string>;
  /** Something of it is sewn: the order stays as it is. */
  isBegun: boolean;
  /** Covers of the job of which nothing is sewn yet, this one among them. */
  notBegun: string[];
}

/** The ways of sewing a house differs in, chosen before the first card is ticked. */
export function HowItIsSewn({ job, sewing, chosen, isBegun, notBegun }: Props) {
  const { mutate, isPending, error } = useSchools(job);
  const mattering = schools.filter(({ matters }) => matters(sewing.pieces));
  return (
    <details className="board-schools">
      <summary>How it is sewn</summary>
      {isBegun && <p role="note">It is being sewn: its order stays as it is.</p>}
      <div>
        {mattering.map(({ name, label, ways }) => (
          <label key={name}>
            {label}
            <select
              value={chosen[name] ?? ways[0]?.[0]}
              disabled={isBegun || isPending}
              onChange={(event) => mutate({ covers: [sewing.cover], ways: { [name]: event.target.value } })}
            >
              {ways.map(([word, said]) => (
                <option key={word} value={word}>
                  {said}
                </option>
              ))}
            </select>
          </label>
        ))}
      </div>
      {!isBegun && notBegun.length > 1 && (
        <button
          type="button"
          className="hand-small"
          disabled={isPending}
          onClick={() =>
            mutate({
              covers: notBegun,
              ways: Object.fromEntries(
                mattering.map(({ name, ways }) => [name, chosen[name] ?? ways[0]?.[0] ?? ""]),
              ),
            })
          }
        >
          The same for every cover of this job that is not begun
        </button>
      )}
      {error && <p role="alert">{error.message}</p>}
    </details>
  );
}

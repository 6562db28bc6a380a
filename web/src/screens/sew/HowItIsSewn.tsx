import { useQueryClient } from "@tanstack/react-query";
import type { SewingCards } from "../../api/client";
import { methodsFor } from "../../model/work/sewingMethods";
import { useCatalogue } from "../../queries/server/useCatalogue";
import { useHouseSchools } from "../../queries/saving/useHouse";
import { useSchools } from "../../queries/work/useSchools";

interface Props {
  job: string;
  sewing: SewingCards;
  /** Something of it is sewn: the order stays as it is. */
  isBegun: boolean;
  /** Covers of the job of which nothing is sewn yet, this one among them. */
  notBegun: string[];
}

/** The ways of sewing a house differs in, chosen before the first card is ticked. */
export function HowItIsSewn({ job, sewing, isBegun, notBegun }: Props) {
  const chosen = sewing.schools;
  const queries = useQueryClient();
  const house = useHouseSchools();
  const { mutate, isPending, error } = useSchools(job);
  const mattering = methodsFor(useCatalogue().data?.sewingMethods ?? [], sewing.pieces);
  const ways = Object.fromEntries(
    mattering.map((method) => [method.name, chosen[method.name] ?? method.ways[0]?.word ?? ""]),
  );
  return (
    <details className="board-schools">
      <summary>How it is sewn</summary>
      {isBegun && <p role="note">It is being sewn: its order stays as it is.</p>}
      <div>
        {mattering.map(({ name, label, ways: all }) => (
          <label key={name}>
            {label}
            <select
              value={chosen[name] ?? all[0]?.word}
              disabled={isBegun || isPending}
              onChange={(event) => mutate({ covers: [sewing.cover], ways: { [name]: event.target.value } })}
            >
              {all.map(({ word, label: said }) => (
                <option key={word} value={word}>
                  {said}
                </option>
              ))}
            </select>
          </label>
        ))}
      </div>
      {!isBegun && (
        <button
          type="button"
          className="hand-small"
          disabled={house.isPending}
          onClick={() =>
            house.mutate(ways, {
              onSuccess: () => void queries.invalidateQueries({ queryKey: ["sewing-cards"] }),
            })
          }
        >
          The house always sews so
        </button>
      )}
      {house.isSuccess && (
        <p role="status">Every cover that is not begun, in every job, is sewn so unless it says otherwise.</p>
      )}
      {!isBegun && notBegun.length > 1 && (
        <button
          type="button"
          className="hand-small"
          disabled={isPending}
          onClick={() =>
            mutate({
              covers: notBegun,
              ways,
            })
          }
        >
          The same for every cover of this job that is not begun
        </button>
      )}
      {(error ?? house.error) && <p role="alert">{(error ?? house.error)?.message}</p>}
    </details>
  );
}

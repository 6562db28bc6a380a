import { Button } from "antd";
import type { Cloth } from "../../model/cloth/cloth";
import { useState } from "react";
import type { Yardage } from "../../api/client";
import { useShelf } from "../../queries/saving/useHouse";
import { clothName } from "../../model/job/document";

interface Props {
  yardage: Yardage;
  cloth: Cloth;
  job: string;
}

/** What is left of the cloth and worth keeping, to be marked and put on the house's shelf. */
export function Leftovers({ yardage, cloth, job }: Props) {
  const { mutate, isPending, isError } = useShelf();
  const [put, setPut] = useState(false);
  const { offcuts } = yardage;
  if (offcuts.length === 0) {
    return null;
  }

  const keep = () =>
    mutate(
      {
        put: offcuts.map((offcut) => ({
          cloth: clothName(cloth),
          width: offcut.widthShown,
          length: offcut.lengthShown,
          from: job,
        })),
      },
      { onSuccess: () => setPut(true) },
    );
  return (
    <section className="leftovers">
      <h2>Keep what is left</h2>
      <p>
        Across × along: {offcuts.map((offcut) => offcut.shown).join("; ")}. Chalk the warp on each.{" "}
        {put ? (
          <strong role="status">On the house’s shelf.</strong>
        ) : (
          <Button className="no-print" disabled={isPending} onClick={keep}>
            Put {offcuts.length === 1 ? "it" : "them"} on the house’s shelf
          </Button>
        )}
        {isError && <strong role="alert"> The shelf could not be written: try again.</strong>}
      </p>
    </section>
  );
}

import { useEffect, useRef } from "react";
import { api } from "../../api/client";
import { useBench } from "../../model/job/benchStore";
import { clothName } from "../../model/job/document";
import { storedVersions, useSaving } from "../saving/autosave";
import { clothKeyOf, coverIdOf } from "../saving/parts";
import type { ClothYardage } from "../figures/useYardage";

/**
 * Keeps what was found to buy with the job, for the list of jobs. The store takes it only for the job as it stands there, so
 * it is sent when all is saved; a figure that does not arrive is found again the next time the job is on the bench.
 * @param found Every cloth of the job with its settled figure; null while one is not.
 */
export function useKeepFigures(found: ClothYardage[] | null) {
  const isSaved = useSaving((saving) => saving.state === "saved");
  const jobId = useBench((state) => state.jobId);
  const last = useRef("");
  const text = isSaved && found ? JSON.stringify(figuresOf(found)) : "";
  useEffect(() => {
    const parts = storedVersions();
    const sent = `${jobId} ${text} ${JSON.stringify([...parts])}`;
    if (!jobId || text === "" || sent === last.current) {
      return;
    }

    last.current = sent;
    const versions = (idOf: (key: string) => string | null) =>
      Object.fromEntries(
        [...parts].flatMap(([key, version]) => {
          const id = idOf(key);
          return id === null ? [] : [[id, version] as const];
        }),
      );
    void api
      .PUT("/api/jobs/{id}/figures", {
        params: { path: { id: jobId } },
        body: {
          heading: parts.get("heading") ?? 0,
          cloths: versions(clothKeyOf),
          covers: versions(coverIdOf),
          figures: JSON.parse(text) as Figures,
        },
      })
      .catch(() => null); // nobody answers: it is found again
  }, [jobId, text]);
}

type Figures = ReturnType<typeof figuresOf>;

function figuresOf(found: ClothYardage[]) {
  return found.flatMap(({ cloth, yardage }) =>
    yardage?.buy && !yardage.example
      ? [
          {
            cloth: clothName(cloth),
            figure: yardage.buy.figure,
            unit: yardage.buy.unit,
            cost: yardage.buy.cost,
          },
        ]
      : [],
  );
}

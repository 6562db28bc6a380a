import { useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { useParams } from "react-router";
import { Nowhere } from "../../ui/trouble/Nowhere";
import { useStoredJob } from "../../queries/job/useStoredJob";
import { useHouse } from "../../queries/saving/useHouse";
import { hasUnsaved, openJob, saveNow } from "../../queries/saving/autosave";
import { useBench } from "../../model/job/benchStore";
import { BenchBoard } from "./BenchBoard";
import { BrokenParts } from "./BrokenParts";
import { useCatalogue } from "../../queries/server/useCatalogue";
import { useBenchKeys } from "./useBenchKeys";
import { useGoTo, useStageAddress } from "./stages/useStageAddress";
import { useLive } from "../../queries/job/useLive";

/** The bench of one job: reads it from the store once, then saves as it goes. */
export function Bench() {
  const { id = "" } = useParams();
  const queries = useQueryClient();
  const catalogue = useCatalogue();
  const house = useHouse();
  const job = useStoredJob(id, "bench", { staleTime: Infinity });
  const openId = useBench((state) => state.jobId);
  const isAtStage = useStageAddress(job.data);
  useBenchKeys(useGoTo());
  useLive(id);

  useEffect(() => {
    if (job.data) {
      openJob(job.data);
    }
  }, [job.data]);

  useEffect(() => {
    const leave = (event: BeforeUnloadEvent) => {
      if (hasUnsaved()) {
        void saveNow();
        event.preventDefault();
      }
    };
    window.addEventListener("beforeunload", leave);
    return () => {
      window.removeEventListener("beforeunload", leave);
      void saveNow().then(() => queries.invalidateQueries({ queryKey: ["jobs"] }));
    };
  }, [queries]);

  if (job.data === null) {
    return <Nowhere text="There is no such job, or it was deleted." />;
  }

  if (job.trouble) {
    return <Nowhere text={job.trouble} isTriedAgain />;
  }

  if (job.isError || catalogue.isError || house.isError) {
    return (
      <Nowhere text="The workroom’s computer does not answer. What was saved is safe; try again in a moment." />
    );
  }

  return isAtStage && openId === id && job.data && catalogue.data && house.data ? (
    <>
      <BrokenParts job={job.data} />
      <BenchBoard catalogue={catalogue.data} houseRules={house.data.rules} />
    </>
  ) : (
    <main aria-busy="true" style={{ padding: 40 }}>
      Opening the job…
    </main>
  );
}

import { useEffect } from "react";
import { flushSync } from "react-dom";
import { useNavigate, useParams } from "react-router";
import type { Job } from "../../../api/client";
import { useBench } from "../../../model/job/benchStore";
import {
  addressOf,
  isStage,
  rememberedStage,
  rememberStage,
  useStage,
  type Stage,
} from "../../../model/job/stage";

/** The address says the stage, so that Back works and a stage can be sent to somebody; without one it is where the job was left. */
export function useStageAddress(job: Job | null | undefined) {
  const { id = "", stage } = useParams();
  const navigate = useNavigate();
  const opens = job ? openingStage(job) : null;
  useEffect(() => {
    if (isStage(stage)) {
      useStage.setState({ stage });
      rememberStage(id, stage);
    } else if (opens) {
      void navigate(addressOf(id, rememberedStage(id) ?? opens), { replace: true });
    }
  }, [id, stage, opens, navigate]);
  return isStage(stage);
}

/** What is measured is looked at as a whole; the rest begins with measuring. */
function openingStage(job: Job): Stage {
  return job.covers.some((cover) => cover.complete) ? "all" : "measure";
}

/** Goes to a stage; it is drawn when this comes back, so that the focus can be put into it. */
export function useGoTo() {
  const navigate = useNavigate();
  return (stage: Stage) => {
    flushSync(() => {
      useStage.setState({ stage });
      useBench.setState({ turning: false, reading: false, proving: false, choosing: null });
    });
    void navigate(addressOf(useBench.getState().jobId ?? "", stage));
  };
}

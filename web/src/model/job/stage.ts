import { create } from "zustand";

/** The stages of the work at the bench, in their order; “all” shows everything at once. */
export const stages = ["measure", "make-up", "pieces", "cloth"] as const;

export type Stage = (typeof stages)[number] | "all";

/** The stage that has the room. The address says the same and follows. */
export const useStage = create<{ stage: Stage }>(() => ({ stage: "all" }));

export const isStage = (word: string | undefined): word is Stage =>
  word === "all" || (stages as readonly (string | undefined)[]).includes(word);

/** Where a job on the bench stands in the address. */
export const addressOf = (jobId: string, stage: Stage) => `/jobs/${jobId}/${stage}`;

const prefix = "wrapper-stage/";

/** The stage a job was left at on this device; null where it was not open yet. */
export function rememberedStage(jobId: string): Stage | null {
  const word = localStorage.getItem(prefix + jobId) ?? undefined;
  return isStage(word) ? word : null;
}

export function rememberStage(jobId: string, stage: Stage) {
  try {
    localStorage.setItem(prefix + jobId, stage);
  } catch {
    // The browser has no room: the job opens where every job does.
  }
}

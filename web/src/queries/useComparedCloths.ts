import { skipToken, useQuery } from "@tanstack/react-query";
import type { Catalogue, Yardage } from "../api/client";
import type { JobDocument } from "../model/document";
import { everyClothBody, settledSteps, yardageOf } from "./useYardage";

/** The cloths of the job at every width they are sold in; nothing is asked without a document. */
export function useComparedCloths(
  document: JobDocument | null,
  catalogue: Catalogue,
  houseRules: Record<string, string>,
) {
  const body = document && everyClothBody(document, catalogue, houseRules, settledSteps, true);
  return useQuery<Yardage>({
    queryKey: ["compared-cloths", body],
    gcTime: 60_000,
    placeholderData: (before) => before,
    queryFn: body ? ({ signal }) => yardageOf(body, signal) : skipToken,
  });
}

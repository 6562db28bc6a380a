import { skipToken, useQuery } from "@tanstack/react-query";
import type { Catalogue, Yardage } from "../../api/client";
import type { JobDocument } from "../../model/job/document";
import { everyClothBody, yardageOf, type KnownLays } from "./useYardage";

/** Orders of a cloth that has no lay yet: as many as other widths are tried in, so that none is ahead by trying longer. */
const fairSteps = 12;

/** The cloths of the job at every width they are sold in; nothing is asked without a document. */
export function useComparedCloths(
  document: JobDocument | null,
  catalogue: Catalogue,
  houseRules: Record<string, string>,
  /** The lays there are already. */
  lays: KnownLays,
) {
  const body = document && everyClothBody(document, catalogue, houseRules, fairSteps, true, lays);
  return useQuery<Yardage>({
    queryKey: ["compared-cloths", body],
    gcTime: 60_000,
    placeholderData: (before) => before,
    queryFn: body ? ({ signal }) => yardageOf(body, signal) : skipToken,
  });
}

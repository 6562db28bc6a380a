import { useBench } from "../../model/job/benchStore";
import type { Cover } from "../../model/cover/cover";
import { clothsByKey, givesCloths } from "../../model/job/document";

/** The cloths of the job on the bench, where this cover gives them to its parts; null where it is of one. */
export function useClothsOf(cover: Cover) {
  const document = useBench((state) => state.document);
  return document && givesCloths(cover) ? clothsByKey(document) : null;
}

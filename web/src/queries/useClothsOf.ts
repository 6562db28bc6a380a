import { useBench } from "../model/benchStore";
import type { Cover } from "../model/cover";
import { clothsByKey } from "../model/document";

/** The cloths of the job on the bench, where this cover gives them to its roles; null where it is of one. */
export function useClothsOf(cover: Cover) {
  const document = useBench((state) => state.document);
  return document && Object.keys(cover.roles).length > 0 ? clothsByKey(document) : null;
}

import type { Draft } from "../../api/client";
import { useBench } from "./benchStore";
import { keyOf } from "../cloth/clothKey";
import { coloursOf } from "../pieces/pieceColours";

/** The colours of a draft's pieces on the bench. */
export function useColours(draft: Draft | null) {
  const document = useBench((state) => state.document);
  return coloursOf(draft?.pieces ?? [], document ? document.cloths.map(keyOf) : []);
}

import { useMemo } from "react";
import type { Yardage } from "../../api/client";
import { printOn, type PrintOf } from "../../model/cloth/print";

/** What each piece of a cover shows of the prints of these lays; the same function until a print or a lay with one has changed. */
export function usePrints(yardages: (Yardage | null)[], cover: string): PrintOf {
  const printed = yardages.map((yardage) =>
    yardage?.print ? [yardage.print, yardage.lay?.placements, yardage.pieces.length] : null,
  );
  const state = printed.some(Boolean) ? JSON.stringify(printed) : "";
  return useMemo(
    (): PrintOf => (key, copy, isOver) => (state === "" ? null : printOn(yardages, cover, key, copy, isOver)),
    // The lays are made anew at each render; what is said of their prints tells whether they changed.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [state, cover],
  );
}

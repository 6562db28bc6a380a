import type { Cover } from "../../model/cover/cover";
import { useQuery, skipToken } from "@tanstack/react-query";
import { useMemo } from "react";
import { api, type Unit } from "../../api/client";
import { useSettled } from "./useSettled";
import { draftRequest } from "./useFoldUp";

const rest = 500;

/** Which measures deserve a second reading, and why: those that move the cut sizes most, and those on the edge. */
export function useSecondReadings(
  cover: Cover | null,
  unit: Unit,
  houseRules: Record<string, string>,
): Map<string, string> {
  const request = useMemo(
    () => (cover ? draftRequest(cover, unit, houseRules) : null),
    [cover, unit, houseRules],
  );
  const settled = useSettled(request, rest);
  const { data } = useQuery({
    queryKey: ["sensitivity", settled],
    retry: false,
    queryFn: settled
      ? async ({ signal }) => (await api.POST("/api/sensitivity", { body: settled, signal })).data ?? []
      : skipToken,
  });
  return useMemo(() => {
    const worth = new Map<string, string>();
    const worst = Math.max(0, ...(data ?? []).map((measure) => measure.worst));
    for (const measure of data ?? []) {
      if (measure.breaks) {
        worth.set(measure.measure, `${measure.offShown} more, and it could not be made at all.`);
      } else if (measure.worst > 0 && measure.worst === worst && data!.length > 1) {
        const change = measure.changes[0];
        worth.set(
          measure.measure,
          `${measure.offShown} off moves ${change?.name.toLowerCase()} by ${change?.shown}: the most of all measures.`,
        );
      }
    }

    return worth;
  }, [data]);
}

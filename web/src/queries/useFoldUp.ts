import { useQuery } from "@tanstack/react-query";
import { api, type Cover, type FoldUp, type Unit } from "../api/client";

/** A cover as the draft endpoints take it. */
export function draftRequest(cover: Cover, unit: Unit, houseRules: Record<string, string> = {}) {
  const { padding, lists, measures, shape, options, rules, form, construction, measuredFrom, count } = cover;
  const { secondReadings, readingUse } = cover;
  return {
    unit,
    form,
    construction,
    measuredFrom,
    secondReadings,
    readingUse,
    rules: { ...rules },
    houseRules: { ...houseRules },
    measures: { ...measures, ...pick(lists, ["points", "stations", "zones"]), shape },
    options: { ...options, padding: [...padding], ...pick(lists, ["obstacles", "legs", "corrections"]) },
    count: Number.parseInt(count, 10) || 1,
  };
}

/** The cover folded up at its seams by the core: every flat part of it, on the flat and in space, as the thing stands when one meets it. */
export function useFoldUp(cover: Cover, unit: Unit, houseRules: Record<string, string> = {}) {
  const request = { ...draftRequest(cover, unit, houseRules), count: 1 };
  return useQuery<FoldUp | null>({
    queryKey: ["fold-up", request],
    placeholderData: (before) => before,
    retry: false,
    queryFn: async ({ signal }) =>
      ((await api.POST("/api/fold-up", { body: request as never, signal })).data as FoldUp | undefined) ??
      null,
  });
}

function pick(lists: Record<string, unknown>, names: string[]) {
  return Object.fromEntries(Object.entries(lists).filter(([name]) => names.includes(name)));
}

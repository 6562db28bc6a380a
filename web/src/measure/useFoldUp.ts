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

/** The cover folded up at its seams by the core: every flat part of it, on the flat and in space. */
export function useFoldUp(cover: Cover, unit: Unit, houseRules: Record<string, string> = {}) {
  const request = { ...draftRequest(cover, unit, houseRules), count: 1 };
  const { form, shape } = cover;
  return useQuery<FoldUp | null>({
    queryKey: ["fold-up", request],
    placeholderData: (before) => before,
    retry: false,
    select: (folded) =>
      folded && { ...folded, facets: stood(turns[`${form}/${shape}`] ?? turns[form], folded.facets) },
    queryFn: async ({ signal }) =>
      ((await api.POST("/api/fold-up", { body: request as never, signal })).data as FoldUp | undefined) ??
      null,
  });
}

type Facets = FoldUp["facets"];

/** The fold-up begins with its first piece lying flat; what stands or lies otherwise in a room is turned to how it is met there. */
const turns: Record<string, (corner: number[]) => number[]> = {
  "changing-pad/contoured": ([x = 0, y = 0, z = 0]) => [x, -z, y],
  bolster: ([x = 0, y = 0, z = 0]) => [x, z, -y],
  "chair-back": ([x = 0, y = 0, z = 0]) => [x, -z, y],
};

function stood(turn: ((corner: number[]) => number[]) | undefined, facets: Facets): Facets {
  return turn ? facets.map((facet) => ({ ...facet, space: facet.space.map(turn) })) : facets;
}

function pick(lists: Record<string, unknown>, names: string[]) {
  return Object.fromEntries(Object.entries(lists).filter(([name]) => names.includes(name)));
}

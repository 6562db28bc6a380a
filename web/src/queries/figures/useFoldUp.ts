import { coverTo } from "../../model/cover/cover";
import type { Cover } from "../../model/cover/cover";
import { useQuery } from "@tanstack/react-query";
import { afterPieces } from "./precedence";
import { keyOf } from "../../model/cloth/clothKey";
import { useClothsOf } from "./useClothsOf";
import { api, type ClothDocument, type CoverDocument, type FoldUp, type Unit } from "../../api/client";

/** A cover as the draft endpoints take it. */
export function draftRequest(
  cover: Cover,
  unit: Unit,
  houseRules: Record<string, string> = {},
  /** The cloths of its job, which a cover gives to its roles: pieces of several are cut apart. */
  cloths: Record<string, ClothDocument> | null = null,
): CoverDocument {
  const { form, measures, measuredFrom, construction, rules, options, secondReadings, readingUse, roles } =
    coverTo(cover);
  const drafted = { form, measures, measuredFrom, construction, rules, options, secondReadings, readingUse };
  const own = keyOf({ key: cover.cloth });
  const cut = cloths ? { ...(roles && { roles }), cloths, ...(own in cloths && { cloth: own }) } : {};
  return { ...drafted, ...cut, unit, houseRules, count: Number.parseInt(cover.count, 10) || 1 };
}

/** The cover folded up at its seams by the core: every flat part of it, on the flat and in space, as the thing stands when one meets it. */
export function useFoldUp(cover: Cover, unit: Unit, houseRules: Record<string, string> = {}) {
  const cloths = useClothsOf(cover);
  const request = { ...draftRequest(cover, unit, houseRules, cloths), count: 1 };
  return useQuery<FoldUp | null>({
    queryKey: ["fold-up", request],
    placeholderData: (before) => before,
    retry: false,
    queryFn: async ({ signal }) => {
      await afterPieces();
      return (await api.POST("/api/fold-up", { body: request, signal })).data ?? null;
    },
  });
}

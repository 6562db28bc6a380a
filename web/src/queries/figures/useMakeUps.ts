import { clothAsked } from "../../model/cloth/cloth";
import { coverTo } from "../../model/cover/cover";
import type { Cover } from "../../model/cover/cover";
import type { Cloth } from "../../model/cloth/cloth";
import { useQuery, skipToken } from "@tanstack/react-query";
import { useMemo } from "react";
import { api, type ClothDocument, type MakeUp, type Unit } from "../../api/client";
import { useSettled } from "./useSettled";

const rest = 400;

/** Every way this cover can be made, worked out when the hand rests; the last answer stays while the next is worked out. */
export function useMakeUps(
  cover: Cover | null,
  cloth: Cloth,
  unit: Unit,
  houseRules: Record<string, string>,
  /** The constructions of the job's other covers. */
  others: string[],
  /** All cloths of the job, where covers give them to their roles. */
  cloths: Record<string, ClothDocument> | null,
) {
  const request = useMemo(
    () =>
      cover
        ? {
            unit,
            houseRules,
            cover: coverTo(cover),
            cloth: clothAsked(cloth),
            others,
            cloths,
          }
        : null,
    [cover, cloth, unit, houseRules, others, cloths],
  );
  const settled = useSettled(request, rest);
  return useQuery<MakeUp[]>({
    queryKey: ["make-ups", settled],
    placeholderData: (before) => before,
    queryFn: settled
      ? async ({ signal }) => (await api.POST("/api/make-ups", { body: settled, signal })).data ?? []
      : skipToken,
  });
}

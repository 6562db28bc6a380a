import { useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import { api, type Cloth, type Cover, type MakeUp, type Unit } from "../api/client";
import { useSettled } from "./useSettled";

const rest = 400;

/** Every way this cover can be made, worked out when the hand rests; the last answer stays while the next is worked out. */
export function useMakeUps(
  cover: Cover | null,
  cloth: Cloth,
  unit: Unit,
  houseRules: Record<string, string>,
) {
  const request = useMemo(
    () => (cover ? { unit, houseRules, cover, cloth } : null),
    [cover, cloth, unit, houseRules],
  );
  const settled = useSettled(request, rest);
  return useQuery<MakeUp[]>({
    queryKey: ["make-ups", settled],
    enabled: settled !== null,
    placeholderData: (before) => before,
    queryFn: async ({ signal }) => {
      const { data } = await api.POST("/api/make-ups", { body: settled as never, signal });
      return (data as MakeUp[] | undefined) ?? [];
    },
  });
}

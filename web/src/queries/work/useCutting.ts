import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { api, type Cutting } from "../../api/client";

/** What is cut next of each cloth of a job; null where there is no such job. */
export function useCutting(job: string, wrongSide: boolean) {
  return useQuery<Cutting | null>({
    queryKey: ["cutting", job, wrongSide],
    retry: true,
    placeholderData: keepPreviousData,
    queryFn: async () =>
      (
        await api.GET("/api/jobs/{id}/cutting", {
          params: { path: { id: job }, query: { wrongSide } },
        })
      ).data ?? null,
  });
}

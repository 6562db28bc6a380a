import { queryOptions, useQuery } from "@tanstack/react-query";
import { api, type SewingCards } from "../../api/client";

/** What is shown at the machine of a cover of the job, or why nothing is. */
export const useSewingCards = (job: string, cover: string) => useQuery(cardsQuery(job, cover));

/** The question for that. */
export function cardsQuery(job: string, cover: string) {
  return queryOptions<SewingCards | { problem: string }>({
    queryKey: ["sewing-cards", job, cover],
    retry: true,
    queryFn: async () => {
      const { data, error } = await api.GET("/api/jobs/{id}/covers/{coverId}/sewing-cards", {
        params: { path: { id: job, coverId: cover } },
      });
      const refusal = error as { detail?: string; checks?: { text: string }[] } | undefined;
      return (
        data ?? { problem: refusal?.checks?.[0]?.text ?? refusal?.detail ?? "This cover cannot be sewn yet." }
      );
    },
  });
}

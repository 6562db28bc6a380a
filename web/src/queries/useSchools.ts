import { useMutation, useQueryClient } from "@tanstack/react-query";
import { api } from "../api/client";

interface Chosen {
  /** The covers that are sewn so. */
  covers: string[];
  /** By name. */
  ways: Record<string, string>;
}

/** Writes how covers are sewn; what was changed elsewhere in between stays, and is told. */
export function useSchools(job: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async ({ covers, ways }: Chosen) => {
      const { data } = await api.GET("/api/jobs/{id}", { params: { path: { id: job } } });
      for (const stored of data?.covers.filter(({ id }) => covers.includes(id)) ?? []) {
        const { response } = await api.PUT("/api/jobs/{jobId}/covers/{coverId}", {
          params: { path: { jobId: job, coverId: stored.id } },
          headers: { "If-Match": `"${stored.version}"` },
          body: {
            position: stored.position,
            cover: { ...stored.cover, schools: { ...stored.cover.schools, ...ways } },
          },
        });
        if (!response.ok) {
          throw new Error("This cover was changed elsewhere just now: choose again.");
        }
      }
    },
    onSettled: () => {
      void queries.invalidateQueries({ queryKey: ["job", job] });
      void queries.invalidateQueries({ queryKey: ["sewing-cards", job] });
    },
  });
}

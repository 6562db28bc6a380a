import { useMutation, useQueryClient } from "@tanstack/react-query";
import { api } from "../../api/client";
import { writeCover } from "../saving/writeCover";

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
        const cover = { ...stored.cover, schools: { ...stored.cover.schools, ...ways } };
        await writeCover(job, stored, cover, "This cover was changed elsewhere just now: choose again.");
      }
    },
    onSettled: () => {
      void queries.invalidateQueries({ queryKey: ["job", job] });
      void queries.invalidateQueries({ queryKey: ["sewing-cards", job] });
    },
  });
}

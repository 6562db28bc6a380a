import { useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import { api, type WorkEntry } from "../api/client";
import { useToldHere } from "./workOutbox";

const none: WorkEntry[] = [];

/** The work on a job: what the store knows, and what was told here and waits. Null until the store was asked. */
export function useWork(job: string): WorkEntry[] | null {
  const { data } = useQuery({
    queryKey: ["work", job],
    retry: true,
    queryFn: async () => {
      const { data: work } = await api.GET("/api/jobs/{id}/work", { params: { path: { id: job } } });
      return (work?.entries as WorkEntry[] | undefined) ?? none; // the store keeps no entry that lacks one of these
    },
  });
  const waiting = useToldHere((state) => state.waiting[job] ?? none);
  return useMemo(() => {
    if (!data && waiting.length === 0) {
      return null;
    }

    const known = new Set(data?.map(({ id }) => id));
    return [...(data ?? []), ...waiting.filter(({ id }) => !known.has(id))];
  }, [data, waiting]);
}

import { useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import { api, type WorkEntry } from "../api/client";
import { queries } from "./client";
import { useToldHere } from "./workOutbox";

const none: WorkEntry[] = [];

/** The work on a job: what the store knows, and what was told here and waits. Null until the store was asked. */
export function useWork(job: string): WorkEntry[] | null {
  const { data } = useQuery({ queryKey: ["work", job], retry: true, queryFn: () => readOn(job) });
  const waiting = useToldHere((state) => state.waiting[job] ?? none);
  return useMemo(() => {
    if (!data && waiting.length === 0) {
      return null;
    }

    const known = new Set(data?.map(({ id }) => id));
    return [...(data ?? []), ...waiting.filter(({ id }) => !known.has(id))];
  }, [data, waiting]);
}

/** What is known of the work, with what came in since: entries are only added. */
async function readOn(job: string): Promise<WorkEntry[]> {
  const known = queries.getQueryData<WorkEntry[]>(["work", job]) ?? none;
  const read = async (from: number) =>
    (await api.GET("/api/jobs/{id}/work", { params: { path: { id: job }, query: { from } } })).data;
  const work = await read(known.length);
  const isLess = work !== undefined && work.total < known.length; // an older store was brought back: all is read anew
  const rest = isLess ? await read(0) : work;
  const all = [...(isLess ? none : known), ...((rest?.entries as WorkEntry[] | undefined) ?? none)]; // the store keeps no entry that lacks one of these
  const now = queries.getQueryData<WorkEntry[]>(["work", job]) ?? none;
  return isLess || all.length >= now.length ? all : now; // something was told while this was read
}

import { useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import { api, type WorkEntry } from "../../api/client";
import { queries } from "../server/client";
import { useToldHere } from "../saving/workOutbox";

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

/** What is known of the work, with what came in since, a page at a time: entries are only added. */
async function readOn(job: string): Promise<WorkEntry[]> {
  const known = queries.getQueryData<WorkEntry[]>(["work", job]) ?? none;
  let all = known;
  for (;;) {
    const page = await readFrom(job, all.length);
    if (page.total < all.length) {
      all = none; // an older store was brought back: all is read anew
      continue;
    }

    all = [...all, ...(page.entries as WorkEntry[])]; // the store keeps no entry that lacks one of these
    if (page.entries.length === 0 || all.length >= page.total) {
      break;
    }
  }

  const now = queries.getQueryData<WorkEntry[]>(["work", job]) ?? none;
  return all.length >= now.length || all.length < known.length ? all : now; // something was told while this was read
}

async function readFrom(job: string, from: number) {
  const { data, response } = await api.GET("/api/jobs/{id}/work", {
    params: { path: { id: job }, query: { from } },
  });
  if (response.status === 404) {
    return { entries: [], total: from }; // the job is gone: no more will come
  }

  if (!data) {
    throw new Error("The work on this job did not come.");
  }

  return data;
}

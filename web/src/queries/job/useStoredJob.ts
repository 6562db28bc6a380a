import { useQuery } from "@tanstack/react-query";
import { api, type Job } from "../../api/client";
import { StoreTrouble } from "../server/storeTrouble";
import { lookForUnsent } from "../saving/outbox";
import { lookForPages } from "../server/pages";

/** A job as it is stored; null where there is none. Where the store has trouble it is asked again until it has not. */
export function useStoredJob(id: string, page: string, kept?: { staleTime: number }) {
  const job = useQuery<Job | null>({
    queryKey: ["job", id, page],
    gcTime: 0,
    ...kept,
    queryFn: async () => {
      const [{ data, error, response }] = await Promise.all([
        api.GET("/api/jobs/{id}", { params: { path: { id } } }),
        lookForPages().then(lookForUnsent), // known before the job is opened: what waits of a page that lives is not taken from it
      ]);
      if (data || response.status === 404) {
        return data ?? null;
      }

      throw new StoreTrouble(
        (error as { detail?: string } | undefined)?.detail ??
          "The workroom’s computer cannot read this job just now.",
      );
    },
  });
  return { ...job, trouble: job.failureReason instanceof StoreTrouble ? job.failureReason.message : null };
}

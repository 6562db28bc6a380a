import { skipToken, useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import { api, type JobLine } from "../../api/client";
import { documentOf } from "../../model/job/document";

/** What stands in a job of the list, read when it comes into sight; null until then. */
export function useJobDocument(job: JobLine, isSeen: boolean) {
  const { data } = useQuery({
    queryKey: ["job-things", job.id, job.updated],
    staleTime: Infinity,
    retry: false,
    queryFn:
      isSeen && job.covers > 0
        ? async ({ signal }) =>
            (await api.GET("/api/jobs/{id}", { params: { path: { id: job.id } }, signal })).data ?? null
        : skipToken,
  });
  return useMemo(() => (data ? documentOf(data) : null), [data]);
}

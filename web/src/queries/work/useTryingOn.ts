import { keepPreviousData, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { api, isNoAnswer, type TryingOn } from "../../api/client";

/** What was found, on which of the covers alike, and for whom it holds. */
export interface Found {
  number: number;
  found: { side: string; by: string }[];
  carried: boolean;
}

const ask = async (
  job: string,
  cover: string,
  body: Found & { keep?: boolean; version?: number; by?: string },
) => {
  const { data, error } = await api.POST("/api/jobs/{id}/covers/{coverId}/trying-on", {
    params: { path: { id: job, coverId: cover } },
    body: { keep: false, ...body },
  });
  const refusal = error as { detail?: string; checks?: { text: string }[] } | undefined;
  return (
    data ?? {
      problem: refusal?.checks?.[0]?.text ?? refusal?.detail ?? "This cover cannot be tried on yet.",
    }
  );
};

/** What findings come to, or why that cannot be said; the last answer stands until the next is there. */
export const useTryingOn = (job: string, cover: string, found: Found) =>
  useQuery<TryingOn | { problem: string }>({
    queryKey: ["sewing-cards", job, cover, "trying-on", found],
    retry: true,
    placeholderData: keepPreviousData,
    queryFn: () => ask(job, cover, found),
  });

/** Writes down what was found: the cover is corrected and its cards follow. */
export function useKeepFound(job: string, cover: string) {
  const queries = useQueryClient();
  return useMutation({
    networkMode: "always",
    mutationFn: async (kept: Found & { version: number; by: string }) => {
      try {
        return await ask(job, cover, { ...kept, keep: true });
      } catch (error) {
        if (!isNoAnswer(error)) {
          throw error;
        }

        return {
          problem:
            "The workroom’s computer does not answer: what you found stays in this browser. Keep it again when it does.",
        };
      }
    },
    onSuccess: async (answer) => {
      if ("problem" in answer) {
        return; // nothing was changed, and what does not answer is not waited for
      }

      await Promise.all(
        ["sewing-cards", "work", "cutting"].map((what) =>
          queries.invalidateQueries({ queryKey: [what, job] }),
        ),
      );
    },
  });
}

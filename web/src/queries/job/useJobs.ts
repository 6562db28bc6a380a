import { useInfiniteQuery, useQueries } from "@tanstack/react-query";
import { api, type JobLine } from "../../api/client";

interface Page {
  jobs: JobLine[];
  /** Where the next page begins; null on the last. */
  next: string | null;
}

/** What is looked for on the shelf, and how it is sorted. */
export interface JobsAsked {
  find: string;
  /** `measure`, `cut`, `archived`; empty for all that were not put away. */
  which: string;
  sort: string;
}

/** Jobs of the shelf that are asked for, a page at a time. */
export function useJobs({ find, which, sort }: JobsAsked) {
  return useInfiniteQuery({
    queryKey: ["jobs", find, which, sort],
    initialPageParam: null as string | null,
    queryFn: async ({ pageParam, signal }): Promise<Page> => {
      const query = {
        ...(find && { find }),
        ...(which === "archived" ? { archived: true } : which && { stage: which }),
        sort,
        ...(pageParam && { after: pageParam }),
      };
      const { data, response } = await api.GET("/api/jobs", { params: { query }, signal });
      if (!data) {
        throw new Error("The jobs did not come.");
      }

      return { jobs: data, next: nextOf(response.headers.get("Link")) };
    },
    getNextPageParam: (page) => page.next,
    placeholderData: (before) => before,
  });
}

/** The place a “Link” header goes on from. */
export function nextOf(link: string | null): string | null {
  const address = /<([^>]*)>\s*;\s*rel="next"/.exec(link ?? "")?.[1];
  return address ? new URL(address, "http://here").searchParams.get("after") : null;
}

/** Which of these jobs are not there any more. */
export function useGone(ids: string[]): string[] {
  const answers = useQueries({
    queries: ids.map((id) => ({
      queryKey: ["gone", id],
      queryFn: async () =>
        (await api.GET("/api/jobs/{id}", { params: { path: { id } } })).response.status === 404,
    })),
  });
  return ids.filter((_, i) => answers[i]?.data);
}

import { useQuery } from "@tanstack/react-query";
import { api } from "../../api/client";

/** The address of each cover's record as a square code. */
export function useRecordCodes(job: string) {
  return useQuery({
    queryKey: ["record-codes", job],
    retry: true,
    queryFn: async () =>
      (await api.GET("/api/jobs/{id}/record-codes", { params: { path: { id: job } } })).data ?? [],
  });
}

import { useQuery } from "@tanstack/react-query";
import { api } from "../../api/client";

/** Forms, measures and rules: they do not change while the page is open. */
export function useCatalogue() {
  return useQuery({
    queryKey: ["forms"],
    staleTime: Infinity,
    queryFn: async () => {
      const { data } = await api.GET("/api/forms");
      if (!data) {
        throw new Error("The list of forms did not come.");
      }

      return data;
    },
  });
}

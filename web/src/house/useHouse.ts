import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { api } from "../api/client";

const key = ["house"];

/** The house's own rules. */
export function useHouse() {
  return useQuery({
    queryKey: key,
    queryFn: async () => {
      const { data } = await api.GET("/api/house");
      if (!data) {
        throw new Error("The house’s rules did not come.");
      }

      return { version: data.version, rules: data.house.rules ?? {} };
    },
  });
}

/** Makes a figure the house's default, or with an empty text takes it back to the usual one. */
export function useHouseRule() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: async ({ name, text }: { name: string; text: string }) => {
      const { data: now } = await api.GET("/api/house");
      const rules = { ...(now?.house.rules ?? {}) };
      if (text === "") {
        delete rules[name];
      } else {
        rules[name] = text;
      }

      const { error } = await api.PUT("/api/house", {
        body: { rules },
        headers: { "If-Match": `"${now?.version}"` },
      });
      if (error) {
        throw new Error("The house’s rules were changed elsewhere: try again.");
      }
    },
    onSettled: () => client.invalidateQueries({ queryKey: key }),
  });
}

import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { setAside } from "./setAside";
import { api, fetchAnswer, type House, type ShelfRemnant } from "../../api/client";

const key = ["house"];

/** The house's own rules, and the remnants on its shelf. */
export function useHouse() {
  return useQuery({
    queryKey: key,
    queryFn: async () => {
      const { data } = await api.GET("/api/house");
      if (!data) {
        throw new Error("The house’s rules did not come.");
      }

      return {
        version: data.version,
        // What its own ticks say counts where it has no rule of its own; only its rules are ever written.
        rules: { ...data.pace, ...data.house.rules },
        own: data.house.rules ?? {},
        pace: data.pace,
        shelf: (data.house.shelf ?? []) as ShelfRemnant[],
        schools: data.house.schools ?? {},
        problems: data.problems,
      };
    },
  });
}

/** The address of the house’s settings just as they are stored. */
export const storedHouseAddress = "/api/house/stored";

const storedHouse = async () => (await fetchAnswer(storedHouseAddress)).text();

/** Changes what the house has as it stands in the store now; what could not be read of it is set aside, for it is written over. */
function useHouseChange<T>(change: (house: House, by: T) => House) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: async (by: T) => {
      const { data: now } = await api.GET("/api/house");
      if (now && now.problems.length > 0) {
        setAside(
          "house",
          await storedHouse(),
          "The house’s settings broke a rule; this is how they were stored.",
        );
      }

      const { error } = await api.PUT("/api/house", {
        body: change(
          {
            rules: now?.house.rules ?? {},
            shelf: now?.house.shelf ?? [],
            schools: now?.house.schools ?? {},
          },
          by,
        ),
        headers: { "If-Match": `"${now?.version}"` },
      });
      if (error) {
        throw new Error("The house’s settings were changed elsewhere: try again.");
      }
    },
    onSettled: () => client.invalidateQueries({ queryKey: key }),
  });
}

/** Makes a figure the house's default, or with an empty text takes it back to the usual one. */
export function useHouseRule() {
  return useHouseChange((house, { name, text }: { name: string; text: string }) => {
    const rules = { ...house.rules };
    if (text === "") {
      delete rules[name];
    } else {
      rules[name] = text;
    }

    return { ...house, rules };
  });
}

const isSame = (a: ShelfRemnant, b: ShelfRemnant) =>
  a.cloth === b.cloth && a.width === b.width && a.length === b.length && a.from === b.from;

/** Puts remnants on the house's shelf, or takes one off it. */
export function useShelf() {
  return useHouseChange((house, { put, take }: { put?: ShelfRemnant[]; take?: ShelfRemnant }) => {
    const shelf = [...(house.shelf as ShelfRemnant[]), ...(put ?? [])];
    const at = take ? shelf.findIndex((remnant) => isSame(remnant, take)) : -1;
    return { ...house, shelf: shelf.filter((_, i) => i !== at) };
  });
}

/** The schools the house sews by from now on: covers that are begun stay as they are. */
export function useHouseSchools() {
  return useHouseChange((house, ways: Record<string, string>) => ({
    ...house,
    schools: { ...house.schools, ...ways },
  }));
}

/** Keeps what can be read of the house’s settings. */
export function useHouseRepair() {
  return useHouseChange<void>((house) => house);
}

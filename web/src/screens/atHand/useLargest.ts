import { useQuery } from "@tanstack/react-query";
import { api, type LargestCover, type Unit } from "../../api/client";
import { useSettled } from "../../queries/figures/useSettled";
import { useHouse } from "../../queries/saving/useHouse";
import { clothOf, type Had } from "./had";

const rest = 450;

/** The largest covers that a cloth gives. */
interface Largest {
  covers: LargestCover[];
  /** The usable width, in millimetres. */
  usable: number;
  length: number;
  /** How long one sheet is, where there are several. */
  sheet: number | null;
  problem: string;
}

const none: Largest = { covers: [], usable: 1, length: 1, sheet: null, problem: "" };

/** What a cloth gives, drafted and laid on the server once the typing rests. */
export function useLargest(cloth: Had, unit: Unit) {
  const { data: house } = useHouse();
  const asked = useSettled(cloth, rest);
  const { data, isFetching, isPlaceholderData } = useQuery<Largest>({
    queryKey: ["cloth-at-hand", unit, asked, house?.rules],
    enabled: house !== undefined,
    placeholderData: (before) => before,
    queryFn: ({ signal }) => ask(asked, unit, house?.rules ?? {}, signal),
  });
  // What was tried on the cloth typed before is no measure of the one typed now.
  const isOutdated = isPlaceholderData || asked !== cloth;
  return { largest: data ?? none, isOutdated, isTrying: isFetching || isOutdated };
}

async function ask(
  cloth: Had,
  unit: Unit,
  houseRules: Record<string, string>,
  signal: AbortSignal,
): Promise<Largest> {
  const { data, error } = await api.POST("/api/cloth-at-hand", {
    body: {
      unit,
      houseRules,
      cloth: clothOf(cloth),
      length: cloth.length,
      forms: null,
      ...(cloth.kind === "sheet" && {
        count: /^\d{1,3}$/.test(cloth.count.trim()) ? Number(cloth.count) : 0,
        joinedFrom: cloth.joinedFrom,
      }),
    },
    signal,
  });
  return data
    ? {
        covers: data.covers as LargestCover[],
        usable: data.usableWidth,
        length: data.length,
        sheet: data.sheet ?? null,
        problem: "",
      }
    : {
        ...none,
        problem: (error as { detail?: string } | undefined)?.detail ?? "The cloth could not be read.",
      };
}

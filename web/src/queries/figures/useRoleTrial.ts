import { skipToken, useQueries, type UseQueryOptions } from "@tanstack/react-query";
import type { Catalogue, Unit, Yardage } from "../../api/client";
import type { Cloth } from "../../model/cloth/cloth";
import { clothName, type JobDocument } from "../../model/job/document";
import { keyOf } from "../../model/cloth/clothKey";
import { running } from "../../model/pieces/figures";
import type { Cover } from "../../model/cover/cover";
import { everyClothBody, yardageOf, type YardageBody } from "./useYardage";

/** Orders of each lay: enough for a fair difference, few enough to be there while one reads the names. */
const trialSteps = 40;

/** What a job takes with a cloth given to a part of a cover, against what it takes now. */
export interface Trial {
  key: string;
  /** “+¾ yd of Check, −½ yd of Linen”; null while it is worked out, or where nothing can be laid. */
  change: string | null;
}

interface Asked {
  document: JobDocument | null;
  /** The cover whose part it is. */
  coverId: string;
  /** What might be chosen, and the cover as it is then. */
  tries: { key: string; change: (cover: Cover) => Cover }[];
  catalogue: Catalogue;
  houseRules: Record<string, string>;
}

/** What each choice would add to one lay and take from another; nothing is asked without a document. */
export function useRoleTrial({ document, coverId, tries, catalogue, houseRules }: Asked): Trial[] {
  const bodies = document
    ? [document, ...tries.map(({ change }) => changed(document, coverId, change))].map((tried) =>
        everyClothBody(tried, catalogue, houseRules, trialSteps),
      )
    : [];
  const answers = useQueries({ queries: bodies.map(trial) });
  const [now, ...tried] = answers.map((answer) => answer.data);
  return tries.map(({ key }, i) => {
    const then = tried[i];
    return {
      key,
      change:
        document && now?.cloths && then?.cloths
          ? changeOf(now, then, document.cloths, document.heading.unit)
          : null,
    };
  });
}

const trial = (body: YardageBody): UseQueryOptions<Yardage> => ({
  queryKey: ["role-trial", body],
  gcTime: 60_000,
  staleTime: 60_000,
  queryFn: body ? ({ signal }) => yardageOf(body, signal) : skipToken,
});

function changed(document: JobDocument, coverId: string, change: (cover: Cover) => Cover): JobDocument {
  return {
    ...document,
    covers: document.covers.map((entry) =>
      entry.id === coverId ? { ...entry, cover: change(entry.cover) } : entry,
    ),
  };
}

/** What is bought more of and less of, each cloth by its name, and the money. */
function changeOf(now: Yardage, then: Yardage, cloths: Cloth[], unit: Unit): string {
  const changes = cloths.flatMap((cloth) => {
    const lengthIn = (yardage: Yardage) => yardage.cloths?.[keyOf(cloth)]?.buy?.buy ?? 0;
    const by = lengthIn(then) - lengthIn(now);
    return Math.abs(by) < 1
      ? []
      : [`${by > 0 ? "+" : "−"}${running(Math.abs(by), unit)} of ${clothName(cloth)}`];
  });
  const money = (then.cost ?? Number.NaN) - (now.cost ?? Number.NaN);
  const words = [
    ...changes,
    Math.abs(money) >= 0.005 ? `${money > 0 ? "+" : "−"}${Math.abs(money).toFixed(2)}` : "",
  ];
  return words.filter(Boolean).join(", ") || "buys no more, no less";
}

import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import { api, type Catalogue, type Cover, type Yardage } from "../api/client";
import type { JobDocument } from "../jobs/document";
import { isMeasured, shapeOf, withExamples } from "../measure/shape";

/** Orders of the lay tried when the hand rests; the cutting sheet tries as many, so that it shows the same lay as the bench. */
export const settledSteps = 600;

type Covers = { key: string; cover: Cover; example: boolean }[];

function coversOf(document: JobDocument, catalogue: Catalogue): Covers {
  return document.covers.map(({ id, cover }) => {
    const shape = shapeOf(catalogue, cover);
    const example = shape !== null && !isMeasured(shape, cover);
    return {
      key: id,
      cover: shape && example ? withExamples(shape, cover, document.heading.unit) : cover,
      example,
    };
  });
}

interface Asked {
  document: JobDocument | null;
  catalogue: Catalogue | undefined;
  houseRules: Record<string, string> | undefined;
  /** The covers whose drafts are wanted. */
  drafts: string[];
  compare?: boolean;
  steps?: number;
}

/** Drafts and lays the job as it stands on the bench; the last answer stays while the next is worked out. */
export function useYardage({ document, catalogue, houseRules, drafts, compare = false, steps }: Asked) {
  const draftKeys = drafts.join(","); // the list is made anew at each render; its text says whether it changed
  const body = useMemo(
    () =>
      document && catalogue && houseRules
        ? {
            unit: document.heading.unit,
            houseRules,
            covers: coversOf(document, catalogue),
            cloth: document.cloth,
            drafts: draftKeys.split(",").filter(Boolean),
            compare,
            steps: steps ?? null,
          }
        : null,
    [document, catalogue, houseRules, draftKeys, compare, steps],
  );
  return useQuery<Yardage>({
    queryKey: ["yardage", body],
    enabled: body !== null,
    placeholderData: keepPreviousData,
    gcTime: 30_000,
    queryFn: async ({ signal }) => {
      const { data } = await api.POST("/api/yardage", { body: body as never, signal });
      if (!data) {
        throw new Error("The workroom’s computer did not answer.");
      }

      return data;
    },
  });
}

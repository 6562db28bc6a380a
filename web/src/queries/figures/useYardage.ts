import { clothAsked } from "../../model/cloth/cloth";
import { coverTo } from "../../model/cover/cover";
import type { Cloth } from "../../model/cloth/cloth";
import { keepPreviousData, useQueries, useQuery, skipToken, queryOptions } from "@tanstack/react-query";
import { useMemo } from "react";
import { api, type ClothDocument, type CoverDocument, type Catalogue, type Yardage } from "../../api/client";
import { pinOf } from "../../model/cloth/pins";
import {
  clothsByKey,
  clothsSent,
  coversOn,
  type CoverEntry,
  type JobDocument,
} from "../../model/job/document";
import { first } from "./precedence";
import { isMeasured, shapeOf, withExamples } from "../../model/cover/shape";

/** Orders of the lay tried when the hand rests; the cutting sheet tries as many, so that it shows the same lay as the bench. */
export const settledSteps = 600;

/** At each keystroke a few steps are taken; when the hand rests, many more. */
export const quickSteps = 4;

/** Drafts asked for in one request. */
const draftsAtOnce = 25;

type Covers = { key: string; cover: CoverDocument; example: boolean }[];

function coversOf(document: JobDocument, cloth: Cloth, catalogue: Catalogue, only: string | null): Covers {
  const covers = coversOn(document, cloth).filter((entry) => only === null || entry.id === only);
  return coverEntries(covers, document, catalogue);
}

function coverEntries(covers: CoverEntry[], document: JobDocument, catalogue: Catalogue): Covers {
  return covers.map(({ id, cover }) => {
    const shape = shapeOf(catalogue, cover);
    const example = shape !== null && !isMeasured(shape, cover);
    return {
      key: id,
      cover: coverTo(shape && example ? withExamples(shape, cover, document.heading.unit) : cover),
      example,
    };
  });
}

interface Asked {
  document: JobDocument | null;
  /** The key of the cloth asked about. */
  cloth: string;
  catalogue: Catalogue | undefined;
  houseRules: Record<string, string> | undefined;
  /** The covers whose drafts are wanted. */
  drafts: string[];
  compare?: boolean;
  steps?: number;
  /** The one cover that is laid; null for all of them. */
  only?: string | null;
  /** A lay that was found already and is not looked for again. */
  known?: Yardage["lay"] | undefined;
}

export type YardageBody = Omit<ReturnType<typeof bodyOf>, "cloth"> & { cloth: ClothDocument | null };

function bodyOf(
  document: JobDocument,
  cloth: Cloth,
  catalogue: Catalogue,
  houseRules: Record<string, string>,
  drafts: string[],
  compare: boolean,
  steps: number | undefined,
  only: string | null,
  known: Yardage["lay"] | undefined,
) {
  const kept = keptOf(known);
  return {
    unit: document.heading.unit,
    houseRules,
    covers: coversOf(document, cloth, catalogue, only),
    // What is pinned and kept is the whole job's.
    cloth: clothAsked({
      ...cloth,
      ...(only === null ? {} : { pinned: [], kept: [] }),
      ...(kept && { kept }),
    }),
    cloths: clothsSent(document),
    drafts,
    compare,
    steps: steps ?? settledSteps,
  };
}

/** Lays that were found already, by the key of their cloth. */
export type KnownLays = ReadonlyMap<string, Yardage["lay"]>;

/** A lay as it is kept with its cloth. */
function keptOf(lay: Yardage["lay"] | undefined) {
  return lay?.placements.map((place) => ({ ...pinOf(place), remnant: place.remnant }));
}

/** Every cloth of the job laid in one request. */
export function everyClothBody(
  document: JobDocument,
  catalogue: Catalogue,
  houseRules: Record<string, string>,
  steps: number,
  compare = false,
  lays: KnownLays = new Map(),
): YardageBody {
  return {
    unit: document.heading.unit,
    houseRules,
    covers: coverEntries(document.covers, document, catalogue),
    cloth: null,
    cloths: Object.fromEntries(
      Object.entries(clothsByKey(document)).map(([key, cloth]) => [
        key,
        { ...cloth, ...(lays.get(key) && { kept: keptOf(lays.get(key)) }) },
      ]),
    ),
    drafts: [],
    compare,
    steps,
  };
}

/** The answer with all its drafts; those of a large job come in several parts, for one answer holds only so much. */
export async function yardageOf(body: YardageBody, signal: AbortSignal): Promise<Yardage> {
  const [whole, ...rest] = inParts(body.drafts, draftsAtOnce).map((drafts, part) =>
    part === 0 ? { ...body, drafts } : { ...body, drafts, compare: false, steps: 1 },
  );
  const answers = await Promise.all(
    [whole ?? body, ...rest].map(
      async (part) => (await api.POST("/api/yardage", { body: part, signal })).data,
    ),
  );
  const [answer] = answers;
  if (!answer || answers.includes(undefined)) {
    throw new Error("The workroom’s computer did not answer.");
  }

  return {
    ...answer,
    covers: Object.assign({}, ...answers.map((part) => part?.covers)) as Yardage["covers"],
  };
}

function inParts<T>(all: T[], most: number): T[][] {
  return Array.from({ length: Math.ceil(all.length / most) }, (_, part) =>
    all.slice(part * most, (part + 1) * most),
  );
}

const asked = (body: YardageBody | null) =>
  queryOptions<Yardage>({
    queryKey: ["yardage", body],
    placeholderData: keepPreviousData,
    gcTime: 30_000,
    queryFn: body
      ? async ({ signal }: { signal: AbortSignal }): Promise<Yardage> => {
          const answer = yardageOf(body, signal);
          return body.steps === quickSteps && !body.compare ? first(answer) : answer;
        }
      : skipToken,
  });

/** Drafts and lays what is cut from one cloth as it stands on the bench; the last answer stays while the next is worked out. */
export function useYardage({
  document,
  cloth: key,
  catalogue,
  houseRules,
  drafts,
  compare = false,
  steps,
  only = null,
  known,
}: Asked) {
  const draftKeys = drafts.join(","); // the list is made anew at each render; its text says whether it changed
  const body = useMemo(() => {
    const cloth = document && (document.cloths.find((one) => one.key === key) ?? document.cloths[0]);
    return document && cloth && catalogue && houseRules
      ? bodyOf(
          document,
          cloth,
          catalogue,
          houseRules,
          draftKeys.split(",").filter(Boolean),
          compare,
          steps,
          only,
          known,
        )
      : null;
  }, [document, key, catalogue, houseRules, draftKeys, compare, steps, only, known]);
  return { ...useQuery(asked(body)), body };
}

/** What each cloth of a job has to be bought of, and how it is laid. */
export interface ClothYardage {
  cloth: Cloth;
  yardage: Yardage | null;
  /** It belongs to what was asked last, not to what was asked before. */
  isSettled: boolean;
}

/** The same for every cloth of the job but the one left out, with the drafts of all their covers. */
export function useYardages(
  document: JobDocument | null,
  without: string | null,
  catalogue: Catalogue | undefined,
  houseRules: Record<string, string> | undefined,
): ClothYardage[] {
  const cloths = document
    ? document.cloths.filter((cloth) => cloth.key !== without && coversOn(document, cloth).length > 0)
    : [];
  const answers = useQueries({
    queries: cloths.map((cloth) =>
      asked(
        document && catalogue && houseRules
          ? bodyOf(
              document,
              cloth,
              catalogue,
              houseRules,
              coversOn(document, cloth).map((entry) => entry.id),
              false,
              settledSteps,
              null,
              undefined,
            )
          : null,
      ),
    ),
  });
  return cloths.map((cloth, i) => {
    const answer = answers[i];
    return {
      cloth,
      yardage: answer?.data ?? null,
      isSettled: answer?.data !== undefined && !answer.isPlaceholderData,
    };
  });
}

import createClient from "openapi-fetch";
import type { components, paths } from "./schema";

type Schemas = components["schemas"];

export type Cover = Required<Schemas["CoverDocument"]>;
export type Cloth = Required<Schemas["ClothDocument"]>;
export type Draft = Schemas["DraftResponse"];
export type Piece = Schemas["PieceJson"];
export type Working = Schemas["WorkingJson"];
export type Check = Schemas["CheckJson"];
export type ReadMeasure = Schemas["ReadMeasureJson"];
export type Yardage = Schemas["YardageJson"];
export type Width = Schemas["WidthJson"];
export type JobLine = Schemas["JobLineJson"];
export type Job = Schemas["JobJson"];
export type Catalogue = Schemas["CatalogueJson"];
export type Shape = Schemas["ShapeJson"];
export type Measure = Schemas["MeasureJson"];
export type Rule = Schemas["RuleJson"];
export type Unit = "in" | "cm" | "mm";

/** The typed client of the open interface: the bench uses the same endpoints as everyone. */
export const api = createClient<paths>({
  baseUrl: globalThis.location.origin,
  fetch: (request) => globalThis.fetch(request),
});

/** What a refusal says of each measure. */
export interface Refusal {
  checks: Check[];
  measures: Record<string, ReadMeasure>;
}

/** The checks in a refused answer; a general one when the answer carries none. */
export function refusalOf(problem: unknown): Refusal {
  const body = problem as
    | { checks?: Check[]; measures?: Record<string, ReadMeasure>; detail?: string }
    | undefined;
  return {
    checks: body?.checks ?? [
      {
        level: "error",
        code: "refused",
        text: body?.detail ?? "The workroom’s computer did not answer.",
        measure: null,
        mend: null,
        mends: [],
        position: null,
      },
    ],
    measures: body?.measures ?? {},
  };
}

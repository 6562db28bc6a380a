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

import createClient from "openapi-fetch";
import { create } from "zustand";
import type { components, paths } from "./schema";

type Schemas = components["schemas"];

/** A cover and a cloth as they are stored and sent. */
export type CoverDocument = Schemas["CoverDocument"];
export type ClothDocument = Schemas["ClothDocument"];
export type JobFile = Schemas["JobFile"];
export type Draft = Schemas["DraftResponse"];
export type Piece = Schemas["PieceJson"];
export type Mark = Schemas["MarkJson"];
export type Working = Schemas["WorkingJson"];
export type Check = Schemas["CheckJson"];
export type ReadMeasure = Schemas["ReadMeasureJson"];
export type Yardage = Schemas["YardageJson"];
export type YardageLive = Schemas["YardageLiveJson"];
export type House = Required<Schemas["HouseDocument"]>;
export type ShelfRemnant = Required<Schemas["ShelfDocument"]>;
export type Print = Schemas["PrintJson"];
export type FacePicture = Schemas["FacePictureJson"];
export type Width = Schemas["WidthJson"];
export type JobLine = Schemas["JobLineJson"];
export type Job = Schemas["JobJson"];
export type Catalogue = Schemas["CatalogueJson"];
export type Shape = Schemas["ShapeJson"];
export type Measure = Schemas["MeasureJson"];
export type Rule = Schemas["RuleJson"];
export type FoldUp = Schemas["FoldUpJson"];
/** What a maker’s own figure is held against. */
export type OwnFigureAgainst = Omit<Schemas["OwnFigureRequestJson"], "figure">;
export type MakeUp = Schemas["MakeUpJson"];
export type LargestCover = Schemas["LargestCoverJson"];
/** The fields that every entry of work has. */
export type ToldAlways = "id" | "kind" | "cover" | "number" | "subject" | "at" | "by";
type AlwaysSaid<Entry extends { [field in ToldAlways]?: unknown }> = Entry extends unknown
  ? Omit<Entry, ToldAlways> & { [field in ToldAlways]-?: NonNullable<Entry[field]> }
  : never;
/** One thing that was done, by its kind; what an entry always says is always there. */
export type WorkEntry = AlwaysSaid<Schemas["WorkEntry"]>;
export type WorkKind = WorkEntry["kind"];
export type EntryOf<Kind extends WorkKind> = Extract<WorkEntry, { kind: Kind }>;
export type WorkNote = Schemas["WorkNoteJson"];
export type TryingOn = Schemas["TryingOnJson"];
export type FittedCard = Schemas["FittedCardJson"];
export type SewingCards = Schemas["SewingCardsJson"];
export type SewingCard = Schemas["SewingCardJson"];
export type Cutting = Schemas["CuttingJson"];
export type ClothCutting = Schemas["ClothCuttingJson"];
export type CutCard = Schemas["CutCardJson"];
export type CutMark = Schemas["CutMarkJson"];
export type Unit = NonNullable<CoverDocument["unit"]>;

/** Whether the workroom's computer has stopped answering. */
export const useAway = create(() => ({ away: false }));

/** The network failed: nothing answered at all. An answer that says no is not this, nor is a fault of the program. */
export class NoAnswer extends Error {
  constructor(cause: unknown) {
    super("The workroom’s computer does not answer.", { cause });
  }
}

export const isNoAnswer = (error: unknown): boolean => error instanceof NoAnswer;

/**
 * Asks the server; the only place where a failure counts as the network's. An answer is there to its end, a
 * stream of events from its beginning.
 */
export async function fetchAnswer(input: Request | string, init?: RequestInit): Promise<Response> {
  try {
    const response = await globalThis.fetch(input, init);
    const isStream = response.headers.get("Content-Type")?.startsWith("text/event-stream");
    const whole = response.body && !isStream ? new Response(await response.blob(), response) : response;
    useAway.setState({ away: false });
    return whole;
  } catch (error) {
    if (error instanceof DOMException && error.name === "AbortError") {
      throw error; // whoever asked does not want to know any more
    }

    useAway.setState({ away: true });
    throw new NoAnswer(error);
  }
}

/** The typed client of the open interface: the bench uses the same endpoints as everyone. */
export const api = createClient<paths>({
  baseUrl: globalThis.location.origin,
  fetch: (request) => fetchAnswer(request),
});

import type { Cloth, Cover, Job, Unit } from "../api/client";

export interface Heading {
  name: string;
  client: string;
  place: string;
  unit: Unit;
}

export interface CoverEntry {
  id: string;
  cover: Cover;
}

/** Everything of a job that a person can change; undo goes back through these. */
export interface JobDocument {
  heading: Heading;
  cloth: Cloth;
  covers: CoverEntry[];
}

export const emptyCover: Cover = {
  name: "",
  form: "box-cushion",
  shape: "rectangle",
  measures: {},
  secondReadings: {},
  readingUse: {},
  notes: {},
  cut: [],
  measuredFrom: "filling",
  construction: "boxing-strip",
  rules: {},
  options: {},
  padding: [],
  lists: {},
  count: "1",
};

/** What a cover is called: its name, or its number in the job. */
export function nameOf(document: JobDocument, entry: CoverEntry): string {
  return entry.cover.name || `Cover ${document.covers.indexOf(entry) + 1}`;
}

/** A cover under a new id. */
export function newCover(cover: Partial<Cover> = {}): CoverEntry {
  return { id: crypto.randomUUID().replaceAll("-", ""), cover: { ...emptyCover, ...cover } };
}

/** The job as it came from the store. */
export function documentOf(job: Job): JobDocument {
  return {
    heading: { name: job.name, client: job.client, place: job.place, unit: job.unit as Unit },
    cloth: job.cloth.cloth as Cloth,
    covers: job.covers.map((entry) => ({ id: entry.id, cover: { ...emptyCover, ...entry.cover } })),
  };
}

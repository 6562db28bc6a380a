import { coverFrom, emptyCover, type Cover } from "./cover";
import { clothFrom, type Cloth } from "./cloth";
import type { Job, Unit } from "../api/client";

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

/** What a cover is called: its name, or the thing it is; of several of a kind without a name, which. */
export function nameOf(document: JobDocument, entry: CoverEntry): string {
  return entry.cover.name || calledByThing(document, entry);
}

/** What a cover without a name is called. */
export function calledByThing(document: JobDocument, entry: CoverEntry): string {
  const words = entry.cover.form.replaceAll("-", " ");
  const thing = words.charAt(0).toUpperCase() + words.slice(1);
  const alike = document.covers.filter((other) => !other.cover.name && other.cover.form === entry.cover.form);
  const number = alike.indexOf(entry) + 1;
  return number > 1 ? `${thing} ${number}` : thing;
}

/** All cloths of a job, the first one first. */
export function clothsOf(document: JobDocument): Cloth[] {
  return [document.cloth, ...document.cloth.others];
}

/** What a cloth is for, as far as it is no cover's own: every cover's lining or padding is cut from it. */
export const isForInside = (cloth: Cloth) => cloth.role === "lining" || cloth.role === "padding";

/** The cloth a cover is cut from. */
export function clothOf(document: JobDocument, cover: Cover | undefined): Cloth {
  return clothsOf(document).find((cloth) => cloth.key === cover?.cloth) ?? document.cloth;
}

/** The covers cut from a cloth; a cover that names none that is there is cut from the first. */
export function coversOn(document: JobDocument, cloth: Cloth): CoverEntry[] {
  return isForInside(cloth) && cloth.key !== ""
    ? document.covers
    : document.covers.filter((entry) => clothOf(document, entry.cover) === cloth);
}

/** What a cloth is called: its name, or its width. */
export function clothName(cloth: Cloth): string {
  return cloth.name || `cloth ${cloth.width} wide`;
}

/** A piece of cloth by its cover's id is another's in a copy of the job: what was pinned and kept stays behind. */
export function clothCopied(cloth: Cloth): Cloth {
  return {
    ...cloth,
    pinned: [],
    kept: [],
    others: cloth.others.map((other) => ({ ...other, pinned: [], kept: [] })),
  };
}

/** A cover under a new id. */
export function newCover(cover: Partial<Cover> = {}): CoverEntry {
  return { id: crypto.randomUUID().replaceAll("-", ""), cover: { ...emptyCover, ...cover } };
}

/** The job as it came from the store. */
export function documentOf(job: Job): JobDocument {
  return {
    heading: { name: job.name, client: job.client, place: job.place, unit: job.unit as Unit },
    cloth: clothFrom(job.cloth.cloth),
    covers: job.covers.map((entry) => ({ id: entry.id, cover: coverFrom(entry.cover) })),
  };
}

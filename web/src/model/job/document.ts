import { coverFrom, emptyCover, type Cover } from "../cover/cover";
import { clothFrom, clothAsked, emptyCloth, type Cloth } from "../cloth/cloth";
import { keyOf } from "../cloth/clothKey";
import type { ClothDocument, Draft, Job, Piece, Unit } from "../../api/client";

export interface Heading {
  name: string;
  client: string;
  place: string;
  unit: Unit;
}

/** The cloths of a job; a cover that names none is cut from the first. */
export type Cloths = [Cloth, ...Cloth[]];

/** The cloths with each of them changed. */
export const eachCloth = ([first, ...others]: Cloths, change: (cloth: Cloth) => Cloth): Cloths => [
  change(first),
  ...others.map(change),
];

export interface CoverEntry {
  id: string;
  cover: Cover;
}

/** Everything of a job that a person can change; undo goes back through these. */
export interface JobDocument {
  heading: Heading;
  /** There is always at least one. */
  cloths: Cloths;
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

/** What a cloth is for, as far as it is no cover's own: every cover's lining or padding is cut from it. */
export const isForInside = (cloth: Cloth) => cloth.role === "lining" || cloth.role === "padding";

/** The cloth a cover is cut from. */
export function clothOf(document: JobDocument, cover: Cover | undefined): Cloth {
  return document.cloths.find((cloth) => cloth.key === cover?.cloth) ?? document.cloths[0];
}

/** A cloth is given to some part of the cover. */
export const isGiven = (cover: Cover, cloth: Cloth) =>
  Object.values(cover.roles).some((keys) => keys.includes(keyOf(cloth))) ||
  Object.values(cover.pieced).some(({ parts }) => parts.some((strip) => strip.cloth === keyOf(cloth)));

/** Something is said of what its parts are cut from, and the cloths of the job are asked for by it. */
export const givesCloths = (cover: Cover) =>
  Object.keys(cover.roles).length > 0 || Object.keys(cover.pieced).length > 0;

/**
 * The covers that have pieces of a cloth: as their own, or given to a role. A cover that names none that is
 * there is cut from the first.
 */
export function coversOn(document: JobDocument, cloth: Cloth): CoverEntry[] {
  return isForInside(cloth) && cloth.key !== ""
    ? document.covers
    : document.covers.filter(({ cover }) => clothOf(document, cover) === cloth || isGiven(cover, cloth));
}

/** All cloths of a job as they are sent, by what covers know them by; null where there is one, and nothing to give. */
export function clothsSent(document: JobDocument): Record<string, ClothDocument> | null {
  const cloths = document.cloths;
  return cloths.length === 1 && !document.covers.some(({ cover }) => givesCloths(cover))
    ? null
    : clothsByKey(document);
}

/** All cloths of a job as they are sent, by what covers know them by. */
export function clothsByKey(document: JobDocument): Record<string, ClothDocument> {
  return Object.fromEntries(document.cloths.map((cloth) => [keyOf(cloth), clothAsked(cloth)]));
}

/** What a cloth is called: its name, or its width. */
export function clothName(cloth: Cloth): string {
  return cloth.name || `cloth ${cloth.width} wide`;
}

/** What of a cover is cut from a cloth; a facing or a padding that none of the cloths is for stands with the cover’s own. */
export function piecesFrom(document: JobDocument, cover: Cover, draft: Draft, cloth: Cloth): Piece[] {
  const keys = new Set(document.cloths.map(keyOf));
  return draft.pieces
    .filter(isCut)
    .filter((piece) =>
      keys.has(piece.cloth) ? piece.cloth === keyOf(cloth) : clothOf(document, cover) === cloth,
    );
}

/** It is cut itself, and not joined from strips that are. */
export const isCut = (piece: Piece) => piece.parts.length === 0;

/** What a piece is cut from, as it is said on a list. */
export function clothCalled(cloths: Cloth[], piece: Piece): string {
  if (!isCut(piece)) {
    return `${piece.parts.length} strips`;
  }

  const cloth = cloths.find((one) => keyOf(one) === piece.cloth);
  return cloth ? clothName(cloth) : piece.cloth;
}

/** The cloths as they came. */
export function clothsFrom(stored: ClothDocument[]): Cloths {
  const [first = emptyCloth, ...others] = stored.map(clothFrom);
  return [first, ...others];
}

/** A piece of cloth by its cover's id is another's in a copy of the job: what was pinned and kept stays behind. */
export function clothCopied(cloth: Cloth): Cloth {
  return {
    ...cloth,
    pinned: [],
    kept: [],
  };
}

/** A cover under a new id. */
export function newCover(cover: Partial<Cover> = {}): CoverEntry {
  return { id: crypto.randomUUID().replaceAll("-", ""), cover: { ...emptyCover, ...cover } };
}

/** The job as it came from the store. A cover that cannot be read whole is not on the bench: writing it would lose the rest of it. */
export function documentOf(job: Job): JobDocument {
  const broken = new Set(job.broken.map(({ part }) => part));
  return {
    heading: { name: job.name, client: job.client, place: job.place, unit: job.unit as Unit },
    cloths: clothsFrom(job.cloths.map(({ cloth }) => cloth)),
    covers: job.covers
      .filter(({ id }) => !broken.has(`cover/${id}`))
      .map((entry) => ({ id: entry.id, cover: coverFrom(entry.cover) })),
  };
}

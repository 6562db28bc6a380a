import type { Cover } from "../cover/cover";
import { newCover, type CoverEntry } from "./document";

export interface Correction {
  side: string;
  by: string;
}

export const correctionsOf = (cover: Cover): Correction[] =>
  Array.isArray(cover.lists.corrections) ? (cover.lists.corrections as Correction[]) : [];

/** The correction of a side put in, changed, or taken out when nothing is said. */
export function corrected(cover: Cover, side: string, by: string): Cover {
  const others = correctionsOf(cover).filter((known) => known.side !== side);
  return { ...cover, lists: { ...cover.lists, corrections: by ? [...others, { side, by }] : others } };
}

/**
 * A correction of one cover of a set, or of those not cut yet. Covers that differ stand by themselves: what the correction
 * does not touch stays as it was, the others become an entry of their own right behind it.
 */
export function splitForCorrection(
  entry: CoverEntry,
  side: string,
  by: string,
  forWhom: "one" | "uncut",
): CoverEntry[] {
  const count = Number.parseInt(entry.cover.count, 10) || 1;
  const cut = entry.cover.cut.filter((number) => number <= count).length;
  const affected = forWhom === "one" ? 1 : count - cut;
  if (affected <= 0) {
    return [entry];
  }

  if (affected >= count) {
    return [{ ...entry, cover: corrected(entry.cover, side, by) }];
  }

  const rest = count - affected;
  const kept = {
    ...entry.cover,
    count: `${rest}`,
    cut: Array.from({ length: Math.min(cut, rest) }, (_, i) => i + 1),
  };
  const changed = corrected({ ...entry.cover, count: `${affected}`, cut: [] }, side, by);
  const name = forWhom === "one" ? "one fitted" : "fitted";
  return [
    { ...entry, cover: kept },
    newCover({ ...changed, name: `${entry.cover.name || "Cover"}, ${name}` }),
  ];
}

import type { Job, Yardage } from "../../api/client";

/** The letters of a job's covers by their ids; a cover that is not in the store yet has none. */
export type Letters = Readonly<Record<string, string>>;

/** The letters of a job as it was read. */
export function lettersOf(job: Job): Letters {
  return Object.fromEntries(job.covers.map(({ id, letter }) => [id, letter]));
}

/** The code a piece is known by: its cover's letter and its number in the cut list; empty while the cover has no letter. */
export function codeOf(letters: Letters, cover: string, number: number): string {
  const letter = letters[cover];
  return letter ? `${letter}${number}` : "";
}

/** The codes of laid pieces by their lay ids. */
export function codesOn(yardage: Yardage, letters: Letters): ReadonlyMap<string, string> {
  return new Map(yardage.pieces.map(({ id, cover, number }) => [id, codeOf(letters, cover, number)]));
}

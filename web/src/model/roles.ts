import type { Cloth } from "./cloth";
import type { Cover } from "./cover";
import type { Draft } from "../api/client";
import { addCloth } from "./benchCloth";
import { editCover } from "./benchStore";
import { clothsOf, isForInside, type JobDocument } from "./document";

/** What goes round the thing, so that several cloths given to it take turns. */
const goesRound = new Set(["wall", "side", "strip"]);

const spoken: Record<string, string> = {
  "face-front": "front face",
  "face-back": "back face",
  outer: "outer layer",
  inner: "inner layer",
  piping: "piping casing",
};

export interface Role {
  word: string;
  label: string;
  goesRound: boolean;
  /** The cloths that are given to it, by key; empty where it takes the cover’s own. */
  given: string[];
}

/** What a role is called on the bench: “top”, “front face”. */
export const roleLabel = (word: string) => spoken[word] ?? word.replaceAll("-", " ");

/** The roles of a cover’s pieces, each once, in the order of its cut list; what lies under the cover is no cloth of it. */
export function rolesOf(draft: Draft, cover: Cover): Role[] {
  const words = [...new Set(draft.pieces.flatMap((piece) => piece.roles))].filter(
    (word) => word !== "padding",
  );
  return words.map((word) => ({
    word,
    label: roleLabel(word),
    goesRound: goesRound.has(word),
    given: cover.roles[word] ?? [],
  }));
}

/** The cloths that can be given to a role. */
export const clothsToGive = (document: JobDocument): Cloth[] =>
  clothsOf(document).filter((cloth) => !isForInside(cloth));

/** The cover with these cloths given to roles; none takes the cover’s own. */
export function withRoles(cover: Cover, roles: string[], keys: string[]): Cover {
  const others = Object.fromEntries(Object.entries(cover.roles).filter(([role]) => !roles.includes(role)));
  return {
    ...cover,
    roles:
      keys.length === 0 ? others : { ...others, ...Object.fromEntries(roles.map((role) => [role, keys])) },
  };
}

/** Gives cloths to a role of the cover on the bench: one edit, undone like any other. */
export function giveCloth(role: string, keys: string[]) {
  editCover(`roles.${role}`, (cover) => withRoles(cover, [role], keys));
}

/** Gives a role a cloth the job did not have yet, as wide as the cover’s own. */
export function giveAnotherCloth(role: string) {
  addCloth(
    (cover, key) => withRoles(cover, [role], [key]),
    (number) => `Cloth ${number}`,
  );
}

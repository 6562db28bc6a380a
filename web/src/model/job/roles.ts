import type { Cloth } from "../cloth/cloth";
import type { Cover, Pieced, Strip } from "../cover/cover";
import type { Catalogue, Draft, Piece } from "../../api/client";
import { addCloth } from "./benchCloth";
import { editCover } from "./benchStore";
import { isForInside, type JobDocument } from "./document";

/** The roles that cloths are given to, as the catalogue has them. */
export type KnownRoles = Catalogue["roles"];

export interface Role {
  word: string;
  label: string;
  goesRound: boolean;
  /** The cloths that are given to it, by key; empty where it takes the cover’s own. */
  given: string[];
  /** It may be joined from strips: casing is joined from strips already. */
  canBePieced: boolean;
  /** How it is joined from strips; null where it is cut whole. */
  pieced: Pieced | null;
}

/** What a role is called on the bench: “top”, “front face”; a zone of a chair is called as it was named. */
export const roleLabel = (known: KnownRoles, word: string) =>
  known.find((role) => role.word === word)?.label ?? word.replaceAll("-", " ");

/** The roles of a cover’s pieces, each once, in the order of its cut list; what lies under the cover is no cloth of it. */
export function rolesOf(known: KnownRoles, draft: Draft, cover: Cover): Role[] {
  const words = [...new Set(draft.pieces.flatMap((piece) => piece.roles))].filter(
    (word) => word !== "padding",
  );
  return words.map((word) => {
    const role = known.find((one) => one.word === word);
    return {
      word,
      label: roleLabel(known, word),
      goesRound: role?.goesRound ?? false,
      given: cover.roles[word] ?? [],
      canBePieced: role?.canBePieced ?? true,
      pieced: cover.pieced[word] ?? null,
    };
  });
}

/**
 * The piece that was touched, or what became of it: given another cloth, a piece falls into parts whose keys begin with its
 * own, and comes together again. The first where none was touched.
 */
export function pieceTouched(pieces: Piece[], touched: string | null): Piece | undefined {
  return (
    pieces.find(({ key }) => key === touched) ??
    pieces.find(({ key }) => touched !== null && key.startsWith(`${touched}-`)) ??
    pieces.find(({ key }) => touched?.startsWith(`${key}-`)) ??
    pieces[0]
  );
}

/** The cloths that can be given to a role. */
export const clothsToGive = (document: JobDocument): Cloth[] =>
  document.cloths.filter((cloth) => !isForInside(cloth));

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
  addCloth((cover, key) => withRoles(cover, [role], [key]), another);
}

/** What of a cover is cut from a cloth that is given to it: “bottom”, “top, strips 1 and 3”. */
export function partsCutFrom(known: KnownRoles, cover: Cover, key: string): string[] {
  const strips = Object.entries(cover.pieced).flatMap(([role, { parts }]) => {
    const places = parts.flatMap(({ cloth }, i) => (cloth === key ? [`${i + 1}`] : []));
    const last = places.pop();
    return last === undefined
      ? []
      : [
          places.length === 0
            ? `${roleLabel(known, role)}, strip ${last}`
            : `${roleLabel(known, role)}, strips ${places.join(", ")} and ${last}`,
        ];
  });
  return [
    ...Object.entries(cover.roles)
      .filter(([, keys]) => keys.includes(key))
      .map(([role]) => roleLabel(known, role)),
    ...strips,
  ];
}

/** The cover with a role joined from strips; null leaves it whole. */
export function withPieced(cover: Cover, role: string, pieced: Pieced | null): Cover {
  const others = Object.fromEntries(Object.entries(cover.pieced).filter(([other]) => other !== role));
  return { ...cover, pieced: pieced ? { ...others, [role]: pieced } : others };
}

/** The cover with one strip of a role changed. */
export function withStrip(cover: Cover, role: string, at: number, change: Partial<Strip>): Cover {
  const pieced = cover.pieced[role];
  return pieced
    ? withPieced(cover, role, {
        ...pieced,
        parts: pieced.parts.map((strip, i) => (i === at ? { ...strip, ...change } : strip)),
      })
    : cover;
}

/** Three strips, the outer ones alike: what a part is begun with when it is to be pieced. */
export const firstStrips = (inner: string): Pieced => ({
  run: "along",
  parts: ["", inner, ""].map((cloth) => ({ cloth, width: "" })),
});

/** Changes how a role of the cover on the bench is joined from strips; null leaves it whole. */
export function pieceRole(role: string, pieced: Pieced | null) {
  editCover(`pieced.${role}`, (cover) => withPieced(cover, role, pieced));
}

/** Changes a strip of a role of the cover on the bench. */
export function editStrip(role: string, at: number, change: Partial<Strip>) {
  editCover(`pieced.${role}.${at}.${Object.keys(change).join()}`, (cover) =>
    withStrip(cover, role, at, change),
  );
}

/** Gives a strip a cloth the job did not have yet. */
export function giveStripAnotherCloth(role: string, at: number) {
  addCloth((cover, key) => withStrip(cover, role, at, { cloth: key }), another);
}

const another = (number: number) => `Cloth ${number}`;

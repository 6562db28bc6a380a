import type { Piece, SewingCards, WorkEntry } from "../../api/client";
import { isCut } from "../job/document";
import { closedOf, cutOf, holderOf, sewnOn } from "./work";

/** How far one of the covers alike is. */
export interface BoardTile {
  number: number;
  cut: { done: number; of: number };
  sewn: { done: number; of: number };
  /** It was tried on; null where its order knows no trying. */
  isTried: boolean | null;
  isClosed: boolean;
  /** Who has it in hand; empty for nobody. */
  holder: string;
  /** What is sewn next; empty where all is. */
  next: string;
}

/** The covers alike, each with how far it is. */
export function tilesOf(sewing: SewingCards, entries: WorkEntry[]): BoardTile[] {
  const cut = cutOf(entries, sewing.cover);
  return Array.from({ length: sewing.count }, (_, at) => {
    const which = { cover: sewing.cover, number: at + 1 };
    const sewn = sewnOn(entries, which);
    const trying = sewing.cards.filter(({ kind }) => kind === "try-on");
    const copies = sewing.pieces
      .filter(isCut)
      .flatMap((piece) =>
        copiesOf(piece, at, sewing.count).map((copy) => cut.get(piece.key)?.has(copy) ?? false),
      );
    return {
      number: at + 1,
      cut: { done: copies.filter(Boolean).length, of: copies.length },
      sewn: { done: sewing.cards.filter(({ id }) => sewn.has(id)).length, of: sewing.cards.length },
      isTried: trying.length === 0 ? null : trying.every(({ id }) => sewn.has(id)),
      isClosed: closedOf(entries, which) !== null,
      holder: holderOf(entries, which),
      next: sewing.cards.find(({ id }) => !sewn.has(id))?.text ?? "",
    };
  });
}

/** What there is to know of pieces that were cut at another size, of those one of the covers alike takes. */
export function changedOf(sewing: SewingCards, number: number): SewingCards["changed"] {
  return sewing.changed.filter(({ piece, copy }) => {
    const known = sewing.pieces.find(({ key }) => key === piece);
    return known && copiesOf(known, number - 1, sewing.count).includes(copy);
  });
}

/**
 * The copies of a piece that one of the covers alike takes: of those cut turned over as of the others. Bias
 * casing is cut in one block for all.
 */
function copiesOf(piece: Piece, at: number, count: number): number[] {
  if (piece.id === "piping") {
    return [1];
  }

  const straight = piece.quantity - piece.mirrored;
  const share = (all: number, before: number) =>
    Array.from({ length: all / count }, (_, i) => before + at * (all / count) + i + 1);
  return [...share(straight, 0), ...share(piece.mirrored, straight)];
}

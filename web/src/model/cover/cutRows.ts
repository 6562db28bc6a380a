import type { Draft, Piece } from "../../api/client";

/** A row of the cut list: a piece, or parts of one thing that are cut to the same size. */
export interface CutRow {
  /** The first of its pieces: its size and its shape stand for all. */
  piece: Piece;
  quantity: number;
  name: string;
  /** The keys of all pieces in the row, and their numbers in the cut list. */
  keys: string[];
  numbers: number[];
}

/** The rows of a draft's cut list. */
export function cutRows(draft: Draft): CutRow[] {
  const pieces = new Map(draft.pieces.map((piece) => [piece.key, piece]));
  return draft.cutRows.flatMap(({ name, quantity, pieces: keys }) => {
    const all = keys.flatMap((key) => pieces.get(key) ?? []);
    const [piece] = all;
    return piece ? [{ piece, quantity, name, keys, numbers: all.map(({ number }) => number) }] : [];
  });
}

import type { Piece } from "../../api/client";

export interface AlikeRow {
  piece: Piece;
  quantity: number;
  name: string;
  /** The keys of all pieces in the row, and their numbers in the cut list. */
  keys: string[];
  numbers: number[];
}

/** Parts of one strip that are cut to the same size stand in one row: they differ only in their notches. */
export function alike(pieces: Piece[]): AlikeRow[] {
  const rows: AlikeRow[] = [];
  for (const piece of pieces) {
    const row = rows.find(
      (known) =>
        known.piece.id === piece.id &&
        known.piece.cloth === piece.cloth &&
        stem(known.piece.name) === stem(piece.name) &&
        Math.abs(known.piece.cutWidth - piece.cutWidth) < 0.01 &&
        Math.abs(known.piece.cutLength - piece.cutLength) < 0.01,
    );
    if (row) {
      row.quantity += piece.quantity;
      row.keys.push(piece.key);
      row.numbers.push(piece.number);
      row.name = joined(row.name, piece.name);
    } else {
      rows.push({
        piece,
        quantity: piece.quantity,
        name: piece.name,
        keys: [piece.key],
        numbers: [piece.number],
      });
    }
  }

  return rows;
}

/** What parts of one thing have in common in their names: not their number, not their side. */
function stem(name: string): string {
  return name.replace(/,? (left|right)( side)?$/, "").replace(/ \d+ of \d+$/, "");
}

/** “Boxing 1 of 3” and “Boxing 3 of 3” are “Boxing 1, 3 of 3”; a left and a right side are both sides. */
function joined(name: string, other: string): string {
  if (name.endsWith(", left") && other.endsWith(", right")) {
    return name.replace(/, left$/, ", left and right");
  }

  const part = /(\d+) of \d+$/.exec(other)?.[1];
  if (name.endsWith("left side") && other.endsWith("right side")) {
    return name.replace("left side", "both sides");
  }

  return part ? name.replace(/ of (\d+)$/, `, ${part} of $1`) : name;
}

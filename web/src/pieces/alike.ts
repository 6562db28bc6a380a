import type { Piece } from "../api/client";

export interface AlikeRow {
  piece: Piece;
  quantity: number;
  name: string;
}

/** Parts of one strip that are cut to the same size stand in one row: they differ only in their notches. */
export function alike(pieces: Piece[]): AlikeRow[] {
  const rows: AlikeRow[] = [];
  for (const piece of pieces) {
    const row = rows.find(
      (known) =>
        known.piece.id === piece.id &&
        Math.abs(known.piece.cutWidth - piece.cutWidth) < 0.01 &&
        Math.abs(known.piece.cutLength - piece.cutLength) < 0.01,
    );
    if (row) {
      row.quantity += piece.quantity;
      row.name = joined(row.name, piece.name);
    } else {
      rows.push({ piece, quantity: piece.quantity, name: piece.name });
    }
  }

  return rows;
}

/** “Boxing 1 of 3” and “Boxing 3 of 3” are “Boxing 1, 3 of 3”; a left and a right side are both sides. */
function joined(name: string, other: string): string {
  const part = /(\d+) of \d+$/.exec(other)?.[1];
  if (name.endsWith("left side") && other.endsWith("right side")) {
    return name.replace("left side", "both sides");
  }

  return part ? name.replace(/ of (\d+)$/, `, ${part} of $1`) : name;
}

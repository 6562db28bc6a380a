import type { Piece } from "../../api/client";

const colours: Record<string, string> = {
  plate: "#ecdcb9",
  boxing: "#c3d5cb",
  "zip-boxing": "#c9d3de",
  piping: "#ebc5b8",
  wrap: "#ecdcb9",
  panel: "#ecdcb9",
};

/** What the job's cloths are drawn in, in their order, where a cover is of several. */
const cloths = ["#ecdcb9", "#ebc5b8", "#c3d5cb", "#c9d3de", "#e2c98f", "#d8cbe0", "#cfd7b4", "#dccdbf"];

/** What a cloth of a job is drawn in, by its place among them. */
export const clothColour = (place: number): string => cloths[Math.max(0, place) % cloths.length] ?? "";

/** One cloth colour a kind of piece, the same on the pieces and on the roll. */
export function pieceColour(id: string): string {
  return colours[id] ?? "#ecdcb9";
}

/** The colours of a cover's pieces: by their kind; by their cloth where the cover is of several. */
export function coloursOf(pieces: Piece[], keys: string[]): (piece: Pick<Piece, "id" | "cloth">) => string {
  const isOfSeveral = new Set(pieces.map(({ cloth }) => cloth)).size > 1;
  return ({ id, cloth }) => (isOfSeveral ? clothColour(keys.indexOf(cloth)) : pieceColour(id));
}

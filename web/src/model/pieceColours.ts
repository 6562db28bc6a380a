const colours: Record<string, string> = {
  plate: "#ecdcb9",
  boxing: "#c3d5cb",
  "zip-boxing": "#c9d3de",
  piping: "#ebc5b8",
  wrap: "#ecdcb9",
  panel: "#ecdcb9",
};

/** One cloth colour a kind of piece, the same on the pieces and on the roll. */
export function pieceColour(id: string): string {
  return colours[id] ?? "#ecdcb9";
}

import { readFigure } from "../pieces/readFigure";

/** The edges of a block, counter-clockwise from its lower left corner. */
export const blockEdges = ["bottom", "right", "top", "left"] as const;

export const edgeWords: Record<string, string> = {
  bottom: "lower",
  right: "right",
  top: "upper",
  left: "left",
};

/** A point along the edge of a trimmed block, as typed; the edge that begins there, empty where the one before goes on. */
export interface TrimmedRow {
  edge: string;
  x: string;
  y: string;
}

/** Two edges of blocks that are sewn to one another. */
export interface BlockJoin {
  block: string;
  edge: string;
  to: string;
  toEdge: string;
}

interface Row extends TrimmedRow {
  block: string;
}

/** The rows of one block among those of all. */
export const rowsOfBlock = (list: unknown, block: string): TrimmedRow[] =>
  (Array.isArray(list) ? (list as Row[]) : [])
    .filter((row) => row.block === block)
    .map(({ edge, x, y }) => ({ edge, x, y }));

/** The list with the rows of one block changed. */
export const withBlock = (list: unknown, block: string, rows: TrimmedRow[]): Row[] => [
  ...(Array.isArray(list) ? (list as Row[]) : []).filter((row) => row.block !== block),
  ...rows.map((row) => ({ block, ...row })),
];

const hand = /-(left|right)$/;

/** Both hands of a pair are one pattern, turned over. */
export const isSamePattern = (one: string, other: string): boolean =>
  one.replace(hand, "") === other.replace(hand, "");

/** What one begins with: the four corners of the block as it was cut. */
export const cornersOf = (width: string, length: string): TrimmedRow[] => [
  { edge: "bottom", x: "0", y: "0" },
  { edge: "right", x: width, y: "0" },
  { edge: "top", x: width, y: length },
  { edge: "left", x: "0", y: length },
];

/** A point put in after another, half way to the next. */
export function putAfter(rows: TrimmedRow[], at: number): TrimmedRow[] {
  return [...rows.slice(0, at + 1), { edge: "", x: "", y: "" }, ...rows.slice(at + 1)];
}

/** The places of the rows in millimetres; null where one cannot be read. */
export function placesOf(rows: TrimmedRow[], unit: string): [number, number][] | null {
  const places = rows.map(({ x, y }): [number, number] | null => {
    const [across, along] = [readFigure(x, unit), readFigure(y, unit)];
    return across === null || along === null ? null : [across, along];
  });
  return places.every((place) => place !== null) ? places : null;
}

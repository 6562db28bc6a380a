import type { ReadMeasure } from "../../api/client";
import { edges, isAcross, usualSize, type Edge, type Part, type PartPlace } from "./parts";

/** How far a part is turned from standing upright, clockwise in degrees. */
type Turn = 0 | 90 | 180 | 270;

type Column = "centre" | "inner" | "outer";

/** One side of a laid open cover: rows from the top of the outside back down to the front, columns from the middle out. */
const slots: Record<Exclude<PartPlace, "beside">, { row: number; column: Column; turn: Turn }> = {
  "outside-back": { row: 0, column: "centre", turn: 180 },
  "inside-back": { row: 1, column: "centre", turn: 0 },
  "inside-wing": { row: 1, column: "inner", turn: 0 },
  "outside-wing": { row: 1, column: "outer", turn: 0 },
  deck: { row: 2, column: "centre", turn: 0 },
  "inside-arm": { row: 2, column: "inner", turn: 90 },
  "outside-arm": { row: 2, column: "outer", turn: 270 },
  "deck-front": { row: 3, column: "centre", turn: 0 },
  "arm-front": { row: 3, column: "inner", turn: 0 },
};

/** A part as it lies on the drawing; of a pair both lie there. */
export interface PlacedPart {
  /** Its place in the list of zones. */
  at: number;
  /** The other hand of a pair, mirrored. */
  isTwin: boolean;
  left: number;
  top: number;
  width: number;
  height: number;
  turn: Turn;
}

/** Parts laid open like a net round the deck, in millimetres from the net's top left corner. */
export interface PartsNet {
  parts: PlacedPart[];
  width: number;
  height: number;
}

/** Between parts that are not sewn to one another. */
const gap = 60;

/**
 * Lays the parts of a cover open: the deck in the middle, the backs above, the arms at its sides, what hangs in front
 * below; what has no place of its own, or whose place is taken, in rows underneath.
 *
 * @param sizes a part's width and height in millimetres; the usual ones where it is not taken
 */
export function partsNet(parts: Part[], sizes: [width: number, height: number][]): PartsNet {
  const placed: PlacedPart[] = [];
  const left: number[] = [];
  const used = new Set<PartPlace>();
  const sizeOf = (at: number) => sizes[at] ?? (parts[at] ? usualSize(parts[at]) : ([0, 0] as const));
  const slotted = parts.flatMap((part, at) => {
    if (part.place === "beside" || used.has(part.place)) {
      left.push(at);
      return [];
    }

    used.add(part.place);
    const slot = slots[part.place];
    const [width, height] = sizeOf(at);
    const lies = slot.turn % 180 === 0 ? { width, height } : { width: height, height: width };
    return [{ at, part, ...slot, ...lies }];
  });
  const centre = Math.max(
    0,
    ...slotted.filter(({ column }) => column === "centre").map(({ width }) => width),
  );
  let top = 0;
  for (const row of [0, 1, 2, 3]) {
    const here = slotted.filter((part) => part.row === row);
    const height = Math.max(0, ...here.map((part) => part.height));
    const inRow = (column: Column) => here.find((part) => part.column === column);
    let out = (inRow("centre")?.width ?? centre) / 2;
    for (const column of ["centre", "inner", "outer"] as const) {
      const part = inRow(column);
      if (!part) {
        continue;
      }

      // The backs stand on the deck, what hangs in front hangs from it.
      const y = row < 2 ? top + height - part.height : top;
      const lies = { at: part.at, top: y, width: part.width, height: part.height, turn: part.turn };
      if (column === "centre") {
        placed.push({ ...lies, isTwin: false, left: -part.width / 2 });
        continue;
      }

      placed.push({ ...lies, isTwin: false, left: out });
      if (part.part.pair || Number(part.part.count) > 1) {
        placed.push({ ...lies, isTwin: true, left: -out - part.width });
      }

      out += part.width;
    }

    top += height;
  }

  beside(left, placed, top, sizeOf);
  return fromCorner(placed);
}

/** What has no place of its own, in rows below the others and no wider than they are. */
function beside(
  parts: number[],
  placed: PlacedPart[],
  below: number,
  sizeOf: (at: number) => readonly [number, number],
) {
  const start = Math.min(-600, ...placed.map((part) => part.left));
  const end = Math.max(600, ...placed.map((part) => part.left + part.width));
  let [x, y, tallest] = [start, below + (placed.length > 0 ? gap : 0), 0];
  for (const at of parts) {
    const [width, height] = sizeOf(at);
    if (x > start && x + width > end) {
      [x, y, tallest] = [start, y + tallest + gap, 0];
    }

    placed.push({ at, isTwin: false, left: x, top: y, width, height, turn: 0 });
    x += width + gap;
    tallest = Math.max(tallest, height);
  }
}

function fromCorner(placed: PlacedPart[]): PartsNet {
  const start = Math.min(...placed.map((part) => part.left));
  return placed.length === 0
    ? { parts: [], width: 0, height: 0 }
    : {
        parts: placed.map((part) => ({ ...part, left: part.left - start })),
        width: Math.max(...placed.map((part) => part.left + part.width)) - start,
        height: Math.max(...placed.map((part) => part.top + part.height)),
      };
}

/** On which side of the drawing an edge of a placed part lies. */
export function sideOf(edge: Edge, part: PlacedPart): Edge {
  const turned = edges[(edges.indexOf(edge) + part.turn / 90) % 4] ?? edge;
  const mirrored = { left: "right", right: "left" } as const;
  return part.isTwin && (turned === "left" || turned === "right") ? mirrored[turned] : turned;
}

/** How large each part is drawn: as read, else as wide as what is measured beside it, else as is usual. */
export function sizesOf(parts: Part[], read: Record<string, ReadMeasure>): [width: number, height: number][] {
  const length = (at: number, name: string) => read[`zones.${at}.${name}`]?.value;
  const across = parts.flatMap((part, at) =>
    isAcross(part.place) && part.width.trim() ? (length(at, "width") ?? []) : [],
  )[0];
  return parts.map((part, at) => {
    const [width, height] = usualSize(part);
    return [
      (part.width.trim() ? length(at, "width") : isAcross(part.place) ? across : undefined) ?? width,
      (part.height.trim() ? length(at, "height") : undefined) ?? height,
    ];
  });
}

/** One column of a list that is measured row by row. */
export interface Column {
  name: string;
  label: string;
  kind: "length" | "text" | "count" | "flag" | "sides" | "side";
  /** Kept with the row, and no column of its table. */
  isAside?: boolean;
}

export type ListRow = Record<string, string | number | boolean | string[]>;

/** What each list asks for, in the order a hand takes it. */
export const lists: Record<string, { columns: Column[]; row: string; guidance: string }> = {
  points: {
    row: "point",
    guidance:
      "Corners counter-clockwise seen from above, front left first: across, then from front to back. " +
      "A rise bulges the edge that follows outwards, below 0 inwards.",
    columns: [
      { name: "x", label: "across", kind: "length" },
      { name: "y", label: "to the back", kind: "length" },
      { name: "rise", label: "rise", kind: "length" },
    ],
  },
  baseline: {
    row: "place",
    guidance:
      "A straight line along the thing, front end first. At each place along it, " +
      "how far the edge lies off to the right, and to the left if it does.",
    columns: [
      { name: "along", label: "along", kind: "length" },
      { name: "right", label: "right", kind: "length" },
      { name: "left", label: "left", kind: "length" },
    ],
  },
  stations: {
    row: "station",
    guidance: "The width at the front (0 from it), at the back, and at any places between.",
    columns: [
      { name: "at", label: "from the front", kind: "length" },
      { name: "width", label: "width", kind: "length" },
    ],
  },
  zones: {
    row: "part",
    guidance:
      "Widest width and longest height between the seams; slanted parts plumb, strips along their outer curve. " +
      "Which edges go down a gap, and how deep a hand goes there.",
    columns: [
      { name: "name", label: "part", kind: "text" },
      { name: "width", label: "width", kind: "length" },
      { name: "height", label: "height", kind: "length" },
      { name: "count", label: "how many", kind: "count" },
      { name: "tucks", label: "tucks in", kind: "sides" },
      { name: "freeTuck", label: "gap", kind: "length" },
      { name: "pair", label: "pair", kind: "flag" },
      { name: "slanted", label: "slant", kind: "flag" },
      { name: "strip", label: "strip", kind: "flag" },
      { name: "piped", label: "piped", kind: "sides" },
      { name: "secondWidth", label: "width again", kind: "length", isAside: true },
      { name: "secondHeight", label: "height again", kind: "length", isAside: true },
      { name: "readingUse", label: "of two use", kind: "text", isAside: true },
    ],
  },
  obstacles: {
    row: "obstacle",
    guidance:
      "What stands in the way under the rim: on which side, from its left end seen from outside, " +
      "how long, how far down the cover may come there.",
    columns: [
      { name: "side", label: "side", kind: "side" },
      { name: "from", label: "from the left", kind: "length" },
      { name: "length", label: "long", kind: "length" },
      { name: "drop", label: "drop there", kind: "length" },
    ],
  },
  legs: {
    row: "leg",
    guidance: "How much of the edge each leg takes: the tape is left out there.",
    columns: [{ name: "length", label: "takes", kind: "length" }],
  },
};

/** A list however it was written, as rows. */
export function rowsOf(list: unknown, columns: Column[]): ListRow[] {
  const entries =
    typeof list === "string"
      ? list.split(";").filter((part) => part.trim())
      : Array.isArray(list)
        ? list
        : [];
  return entries.map((entry: unknown) => {
    const values =
      typeof entry === "string" || typeof entry === "number"
        ? String(entry)
            .split(",")
            .map((part) => part.trim())
        : entry;
    return Object.fromEntries(
      columns.flatMap(({ name }, i): [string, ListRow[string]][] => {
        const value = Array.isArray(values) ? values[i] : (values as Record<string, unknown> | null)?.[name];
        return value === undefined || value === null ? [] : [[name, value as ListRow[string]]];
      }),
    );
  });
}

/** The corners of an outline from its distances off a base line: up the right side, back down the left. */
export function pointsFromBaseline(rows: ListRow[]): ListRow[] {
  const said = (value: ListRow[string] | undefined) => (typeof value === "string" ? value.trim() : "");
  const taken = rows.filter((row) => said(row.along) !== "");
  const right = taken.map((row) => ({ x: said(row.right) || "0", y: said(row.along) }));
  const left = taken
    .map((row) => ({ x: said(row.left) ? minus(said(row.left)) : "0", y: said(row.along) }))
    .reverse();
  return [...right, ...left].filter(
    (point, i, all) => i === 0 || point.x !== all[i - 1]?.x || point.y !== all[i - 1]?.y,
  );
}

/** A text taken away instead of added: `12 1/2` is `-12 1/2`, `36 + 4` is `-(36 + 4)` written out. */
function minus(text: string): string {
  if (text.startsWith("-")) {
    return text.slice(1);
  }

  const turned = text.replace(/[+-]/g, (sign, at: number) =>
    !/\d\s*$/.test(text.slice(0, at)) ? sign : sign === "+" ? "-" : "+",
  );
  return `-${turned}`;
}

import type { Cover } from "./cover";
import { lists, rowsOf, type ListRow } from "./columns";

/** An edge of a part as it lies on the thing, seen from outside. */
export type Edge = "left" | "right" | "top" | "bottom";

export const edges: Edge[] = ["top", "right", "bottom", "left"];

/** Where a part lies when the cover of a chair is laid open round its seat. */
export type PartPlace =
  | "inside-back"
  | "outside-back"
  | "inside-wing"
  | "outside-wing"
  | "inside-arm"
  | "outside-arm"
  | "arm-front"
  | "deck"
  | "deck-front"
  | "beside";

/** A part of a thing that is covered in parts, as it stands in the list of zones. */
export interface Part {
  name: string;
  /** The name as it is typed; a part without one is called by its place in the list. */
  typedName: string;
  place: PartPlace;
  /** As typed; empty while it is not taken. */
  width: string;
  height: string;
  count: string;
  tucks: Edge[];
  /** How deep the gap is, as typed. */
  freeTuck: string;
  piped: Edge[];
  pair: boolean;
  slanted: boolean;
  strip: boolean;
  /** Second readings as typed; empty where there is none. */
  secondWidth: string;
  secondHeight: string;
  /** Which of two readings holds; empty for the larger. */
  readingUse: string;
}

/** What can be said of a part's second readings. */
export type PartSecond = Partial<Pick<Part, "secondWidth" | "secondHeight" | "readingUse">>;

/** The lengths that are asked for of a part. */
export type PartLength = "width" | "height" | "freeTuck";

/** A usual part: its name, what goes down into gaps, and a size to look at until it is taken, in millimetres. */
interface UsualPart {
  name: string;
  place: PartPlace;
  size: [width: number, height: number];
  tucks?: Edge[];
  pair?: boolean;
}

/** The parts of an upholstered chair in the order a hand takes them. A pair is described by the sitter's left one. */
export const usualParts: UsualPart[] = [
  { name: "Inside back", place: "inside-back", size: [600, 650], tucks: ["left", "right", "bottom"] },
  { name: "Outside back", place: "outside-back", size: [660, 600] },
  { name: "Inside arm", place: "inside-arm", size: [580, 400], tucks: ["left", "bottom"], pair: true },
  { name: "Outside arm", place: "outside-arm", size: [640, 350], pair: true },
  { name: "Arm front", place: "arm-front", size: [130, 480], pair: true },
  { name: "Inside wing", place: "inside-wing", size: [270, 400], tucks: ["bottom"], pair: true },
  { name: "Outside wing", place: "outside-wing", size: [270, 400], pair: true },
  { name: "Deck", place: "deck", size: [560, 540], tucks: ["left", "right", "top"] },
  { name: "Deck front", place: "deck-front", size: [600, 230] },
];

const sizeBeside: [number, number] = [400, 300];

/** Which place a part's name means; what has no place of its own lies beside. */
const places: [RegExp, PartPlace][] = [
  [/wing.*outside|outside.*wing/i, "outside-wing"],
  [/wing/i, "inside-wing"],
  [/arm.*(front|face)|(front|face).*arm/i, "arm-front"],
  [/arm.*outside|outside.*arm/i, "outside-arm"],
  [/arm/i, "inside-arm"],
  [/(deck|seat).*front|front.*(deck|seat)|front border/i, "deck-front"],
  [/deck|seat/i, "deck"],
  [/outside.*back|back.*outside/i, "outside-back"],
  [/inside.*back|back.*inside|^back$/i, "inside-back"],
];

/** Across the middle of the thing: as wide as one another, and as a sofa has seats. */
export function isAcross(place: PartPlace): boolean {
  return ["inside-back", "outside-back", "deck", "deck-front"].includes(place);
}

/** The zones of a cover as rows. */
export function zoneRows(cover: Cover): ListRow[] {
  return rowsOf(cover.lists["zones"], lists["zones"]?.columns ?? []);
}

/** The parts of a cover, in the order they stand in its list. */
export function partsOf(cover: Cover): Part[] {
  return zoneRows(cover).map((row, i) => {
    const typedName = said(row["name"]);
    const name = typedName.trim() || `Part ${i + 1}`;
    return {
      name,
      typedName,
      place: places.find(([known]) => known.test(name))?.[1] ?? "beside",
      width: said(row["width"]),
      height: said(row["height"]),
      count: said(row["count"]) || "1",
      tucks: edgesOf(row["tucks"]),
      freeTuck: said(row["freeTuck"]),
      piped: edgesOf(row["piped"]),
      pair: isOn(row["pair"]),
      slanted: isOn(row["slanted"]),
      strip: isOn(row["strip"]),
      secondWidth: said(row["secondWidth"]),
      secondHeight: said(row["secondHeight"]),
      readingUse: said(row["readingUse"]),
    };
  });
}

/** A part for the list, with what is usual of it and no size. */
export function partRow(part: { name: string; tucks?: Edge[]; pair?: boolean }): ListRow {
  return {
    name: part.name,
    ...(part.tucks ? { tucks: part.tucks } : {}),
    ...(part.pair ? { pair: true, count: "2" } : {}),
  };
}

/** The usual size of a part, in millimetres: what it is drawn with until it is taken. */
export function usualSize(part: Part): [width: number, height: number] {
  return usualParts.find((known) => known.place === part.place)?.size ?? sizeBeside;
}

/** What a note on a part hangs on: its name, so that it stays when another part is taken off before it. */
export function noteOf(name: string): string {
  return `part ${name.toLowerCase()}`;
}

/** The cover with a part under another name; its note goes with it. */
export function renamed(cover: Cover, at: number, name: string): Cover {
  const { [noteOf(partsOf(cover)[at]?.name ?? "")]: note, ...notes } = cover.notes;
  const after = {
    ...cover,
    lists: {
      ...cover.lists,
      zones: zoneRows(cover).map((row, i) => (i === at ? { ...row, name } : row)),
    },
  };
  const called = partsOf(after)[at]?.name ?? name;
  return { ...after, notes: note === undefined ? notes : { ...notes, [noteOf(called)]: note } };
}

/** Both its lengths are taken. */
export function isTaken(part: Part): boolean {
  return part.width.trim() !== "" && part.height.trim() !== "";
}

/** The lengths asked for of a part: its gap only where something goes down into it. */
export function lengthsOf(part: Part): PartLength[] {
  return part.tucks.length > 0 ? ["width", "height", "freeTuck"] : ["width", "height"];
}

/** The rows with usual sizes where none are taken, so that there is something to look at. */
export function withUsualSizes(cover: Cover): ListRow[] {
  const rows = zoneRows(cover);
  const parts = partsOf(cover);
  return rows.map((row, i) => {
    const part = parts[i];
    const [width, height] = part ? usualSize(part) : sizeBeside;
    return {
      ...row,
      width: part?.width.trim() ? part.width : `${width} mm`,
      height: part?.height.trim() ? part.height : `${height} mm`,
    };
  });
}

/** What a thing is begun with, so that no part is forgotten. */
export interface PartPreset {
  id: string;
  label: string;
  places: PartPlace[];
}

export const presets: PartPreset[] = [
  {
    id: "armchair",
    label: "Armchair",
    places: ["inside-back", "outside-back", "inside-arm", "outside-arm", "arm-front", "deck", "deck-front"],
  },
  {
    id: "wing-chair",
    label: "Wing chair",
    places: [
      "inside-back",
      "outside-back",
      "inside-wing",
      "outside-wing",
      "inside-arm",
      "outside-arm",
      "arm-front",
      "deck",
      "deck-front",
    ],
  },
  {
    id: "sofa",
    label: "Sofa",
    places: ["inside-back", "outside-back", "inside-arm", "outside-arm", "arm-front", "deck", "deck-front"],
  },
  {
    id: "dining-chair",
    label: "Dining chair",
    places: ["inside-back", "outside-back", "deck", "deck-front"],
  },
];

/** The parts a preset begins with; where there are no arms, nothing at the sides goes down a gap. */
export function rowsOfPreset(preset: PartPreset): ListRow[] {
  const hasArms = preset.places.includes("inside-arm");
  return usualParts
    .filter((part) => preset.places.includes(part.place))
    .map((part) => {
      const tucks = part.tucks?.filter((edge) => hasArms || edge === "bottom" || edge === "top") ?? [];
      return partRow({
        name: part.name,
        ...(part.pair ? { pair: true } : {}),
        ...(tucks.length > 0 ? { tucks } : {}),
      });
    });
}

function said(value: ListRow[string] | undefined): string {
  return typeof value === "string" ? value : typeof value === "number" ? String(value) : "";
}

function isOn(value: ListRow[string] | undefined): boolean {
  return value === true || value === "true";
}

function edgesOf(value: ListRow[string] | undefined): Edge[] {
  return Array.isArray(value) ? edges.filter((edge) => value.includes(edge)) : [];
}

/** What is said of a part’s size, as typed; empty while nothing is. */
export function saidOf(part: Part): string {
  const [width, height] = [part.width.trim(), part.height.trim()];
  return width || height ? `${width || "?"} × ${height || "?"}` : "";
}

import type { CoverDocument } from "../../api/client";

export type MeasuredFrom = NonNullable<CoverDocument["measuredFrom"]>;
export type Matter = NonNullable<CoverDocument["matters"]>[number];
export type ReadingUse = NonNullable<CoverDocument["readingUse"]>[string];

/** A layer put on the filling first, as typed. */
export interface Padding {
  thickness: string;
  how: string;
  turns: string;
}

/** A strip of a pieced part: its cloth by key, empty for the cover’s own; its finished width as typed, empty for its share. */
export interface Strip {
  cloth: string;
  width: string;
}

/** How a part of a cover is joined from strips: from left to right, or from the front to the back. */
export interface Pieced {
  run: "along" | "across";
  parts: Strip[];
}

/** A cover as it stands on the bench: what is typed, field by field. In JSON it is `CoverDocument`. */
export interface Cover {
  name: string;
  form: string;
  shape: string;
  measures: Record<string, string>;
  secondReadings: Record<string, string>;
  readingUse: Record<string, ReadingUse>;
  notes: Record<string, string>;
  cut: number[];
  /** What matters to the maker, by word. */
  matters: Matter[];
  /** The schools it is sewn by, by name; what is unsaid is as usual. */
  schools: Record<string, string>;
  measuredFrom: MeasuredFrom;
  construction: string;
  rules: Record<string, string>;
  options: Record<string, string>;
  padding: Padding[];
  /** The lists it is measured by besides, and those of its make-up, row by row or as one text. */
  lists: Record<string, unknown>;
  /** The key of its cloth; empty for the job's first. */
  cloth: string;
  /** The cloths given to roles of its pieces, by key; several take turns. */
  roles: Record<string, string[]>;
  /** The roles whose pieces are joined from strips. */
  pieced: Record<string, Pieced>;
  count: string;
}

export const emptyCover: Cover = {
  name: "",
  form: "box-cushion",
  shape: "rectangle",
  measures: {},
  secondReadings: {},
  readingUse: {},
  notes: {},
  cut: [],
  matters: [],
  schools: {},
  measuredFrom: "filling",
  construction: "boxing-strip",
  rules: {},
  options: {},
  padding: [],
  lists: {},
  cloth: "",
  roles: {},
  pieced: {},
  count: "1",
};

const measureLists = ["points", "stations", "zones"];
const optionLists = ["obstacles", "legs", "corrections", "trimmed", "joins"];

/** The cover as it is stored and sent. */
export function coverTo(cover: Cover): CoverDocument {
  const { shape, measures, options, padding, lists, roles, pieced, schools, ...beside } = cover;
  return {
    ...beside,
    ...(Object.keys(roles).length > 0 && { roles: rolesTo(roles) }),
    ...(Object.keys(schools).length > 0 && { schools }),
    measures: { ...measures, ...pick(lists, measureLists), shape },
    options: {
      ...options,
      ...pick(lists, optionLists),
      ...(padding.length > 0 && { padding }),
      ...(Object.keys(pieced).length > 0 && { pieced }),
    },
  };
}

/** The cover as it came, with what was not said of it. */
export function coverFrom(stored: CoverDocument): Cover {
  const { measures, options } = { measures: stored.measures ?? {}, options: stored.options ?? {} };
  return {
    ...emptyCover,
    name: stored.name ?? "",
    form: stored.form ?? emptyCover.form,
    shape: text(measures["shape"]),
    measures: texts(omit(measures, [...measureLists, "shape"])),
    secondReadings: texts(stored.secondReadings ?? {}),
    readingUse: stored.readingUse ?? {},
    notes: stored.notes ?? {},
    cut: stored.cut ?? [],
    matters: stored.matters ?? [],
    schools: stored.schools ?? {},
    measuredFrom: stored.measuredFrom ?? emptyCover.measuredFrom,
    construction: stored.construction ?? emptyCover.construction,
    rules: flat(stored.rules ?? {}),
    options: texts(omit(options, [...optionLists, "padding", "pieced"])),
    padding: layersOf(options["padding"]),
    lists: { ...pick(measures, measureLists), ...pick(options, optionLists) },
    cloth: typeof stored.cloth === "string" ? stored.cloth : "",
    roles: rolesFrom(stored.roles ?? {}),
    pieced: piecedFrom(options["pieced"]),
    count: figure(stored.count) || "1",
  };
}

/** A text as it is; a number of millimetres with its unit said, so that it stays what it was in any job. */
export function text(value: unknown): string {
  switch (typeof value) {
    case "string":
      return value;
    case "number":
      return `${value} mm`;
    case "boolean":
      return String(value);
    default:
      return value === null || value === undefined ? "" : JSON.stringify(value);
  }
}

/** A plain number, which has no unit. */
export function figure(value: unknown): string {
  return typeof value === "number" ? String(value) : text(value);
}

function texts(values: Record<string, unknown>): Record<string, string> {
  return Object.fromEntries(Object.entries(values).map(([name, value]) => [name, text(value)]));
}

/** Rules by flat name: `fit.width` for a width in the group `fit`. */
function flat(rules: Record<string, unknown>): Record<string, string> {
  return Object.fromEntries(
    Object.entries(rules).flatMap(([name, value]) =>
      typeof value === "object" && value !== null && !Array.isArray(value)
        ? Object.entries(value).map(([member, said]) => [`${name}.${member}`, text(said)])
        : [[name, text(value)]],
    ),
  );
}

/** One cloth is written as its key, several as a list. */
function rolesTo(roles: Record<string, string[]>): Record<string, string | string[]> {
  return Object.fromEntries(
    Object.entries(roles).map(([role, keys]) => [role, keys.length === 1 ? (keys[0] ?? "") : keys]),
  );
}

function rolesFrom(stored: Record<string, unknown>): Record<string, string[]> {
  return Object.fromEntries(
    Object.entries(stored)
      .map(([role, given]): [string, string[]] => [
        role,
        (Array.isArray(given) ? given : [given]).map(text).filter(Boolean),
      ])
      .filter(([, keys]) => keys.length > 0),
  );
}

function piecedFrom(stored: unknown): Record<string, Pieced> {
  return Object.fromEntries(
    Object.entries(record(stored)).map(([role, said]): [string, Pieced] => {
      const { run, parts } = record(said);
      const strips: unknown[] = Array.isArray(parts) ? parts : [];
      return [
        role,
        {
          run: run === "across" ? "across" : "along",
          parts: strips.map((strip) => {
            const { cloth, width } = typeof strip === "string" ? { cloth: strip, width: "" } : record(strip);
            return { cloth: text(cloth), width: text(width) };
          }),
        },
      ];
    }),
  );
}

function record(value: unknown): Record<string, unknown> {
  return typeof value === "object" && value !== null && !Array.isArray(value)
    ? (value as Record<string, unknown>)
    : {};
}

function layersOf(padding: unknown): Padding[] {
  const layers = Array.isArray(padding) ? padding : padding === undefined ? [] : [padding];
  return layers.map((layer: unknown): Padding => {
    const said = typeof layer === "object" && layer !== null ? record(layer) : { thickness: layer };
    return {
      thickness: text(said["thickness"]),
      how: text(said["how"]) || "top-and-bottom",
      turns: figure(said["turns"]) || "1",
    };
  });
}

function pick(values: Record<string, unknown>, names: string[]): Record<string, unknown> {
  return Object.fromEntries(Object.entries(values).filter(([name]) => names.includes(name)));
}

function omit(values: Record<string, unknown>, names: string[]): Record<string, unknown> {
  return Object.fromEntries(Object.entries(values).filter(([name]) => !names.includes(name)));
}

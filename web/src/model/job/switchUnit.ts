import type { Cover } from "../cover/cover";
import type { Cloth } from "../cloth/cloth";
import type { Unit } from "../../api/client";
import { lists, rowsOf, type Column, type ListRow } from "../cover/columns";
import { eachCloth, type JobDocument } from "./document";

/** A figure without a unit takes the job's: before the job speaks another, the figure says its own. */
export function withUnit(text: string, unit: Unit): string {
  const figure = text.trim();
  return figure === "" || /[a-z"'”’″′%]/i.test(figure) || !/\d|[¼½¾⅛⅜⅝⅞]/.test(figure)
    ? text
    : `${figure} ${unit}`;
}

/** The job in another unit, with every measure, rule and list the length it was. */
export function inUnit(
  document: JobDocument,
  next: Unit,
  isLengthRule: (name: string) => boolean,
): JobDocument {
  const unit = document.heading.unit;
  return next === unit
    ? document
    : {
        heading: { ...document.heading, unit: next },
        cloths: eachCloth(document.cloths, (cloth) => clothIn(cloth, unit)),
        covers: document.covers.map((entry) => ({
          ...entry,
          cover: coverIn(entry.cover, unit, isLengthRule),
        })),
      };
}

function clothIn(cloth: Cloth, unit: Unit): Cloth {
  const said = Object.fromEntries(clothLengths.map((name) => [name, withUnit(cloth[name], unit)]));
  return {
    ...cloth,
    ...said,
    face: { ...cloth.face, figure: withUnit(cloth.face.figure, unit) },
    soldIn: cloth.soldIn.map(({ width, price }) => ({ width: withUnit(width, unit), price })),
    edges: cloth.edges && edgesIn(cloth.edges, unit),
    flaws: cloth.flaws.map((flaw) => eachText(flaw, unit)),
    remnants: cloth.remnants.map(({ name, ...sizes }) => ({ name, ...eachText(sizes, unit) })),
  };
}

const clothLengths = [
  "width",
  "thickness",
  "selvage",
  "repeatLength",
  "repeatWidth",
  "motif",
  "space",
  "curveSpace",
  "length",
] as const satisfies (keyof Cloth)[];

function edgesIn(edges: NonNullable<Cloth["edges"]>, unit: Unit): NonNullable<Cloth["edges"]> {
  const { left, right, start, end } = edges;
  return {
    left: eachText(left, unit),
    right: eachText(right, unit),
    start: eachText(start, unit),
    end: eachText(end, unit),
  };
}

function eachText<T extends object>(texts: T, unit: Unit): T {
  return Object.fromEntries(
    Object.entries(texts).map(([name, text]) => [name, withUnit(text as string, unit)]),
  ) as T;
}

/** Choices of a make-up that are a length. */
const lengthOptions = new Set(["medallion", "printAcross", "printAlong"]);

function coverIn(cover: Cover, unit: Unit, isLengthRule: (name: string) => boolean): Cover {
  return {
    ...cover,
    measures: each(cover.measures, unit),
    secondReadings: each(cover.secondReadings, unit),
    rules: each(cover.rules, unit, isLengthRule),
    options: each(cover.options, unit, (name) => lengthOptions.has(name)),
    padding: cover.padding.map((layer) => ({ ...layer, thickness: withUnit(layer.thickness, unit) })),
    pieced: Object.fromEntries(
      Object.entries(cover.pieced).map(([role, { run, parts }]) => [
        role,
        { run, parts: parts.map((strip) => ({ ...strip, width: withUnit(strip.width, unit) })) },
      ]),
    ),
    lists: Object.fromEntries(
      Object.entries(cover.lists).map(([name, list]) => [name, listIn(list, columnsOf(name), unit)]),
    ),
  };
}

function each(texts: Record<string, string>, unit: Unit, isLength: (name: string) => boolean = () => true) {
  return Object.fromEntries(
    Object.entries(texts).map(([name, text]) => [name, isLength(name) ? withUnit(text, unit) : text]),
  );
}

/** Lists that are not typed as tables on the bench. */
const others: Record<string, Column[]> = {
  corrections: [
    { name: "side", label: "", kind: "text" },
    { name: "by", label: "", kind: "length" },
  ],
  trimmed: [
    { name: "block", label: "", kind: "text" },
    { name: "edge", label: "", kind: "text" },
    { name: "x", label: "", kind: "length" },
    { name: "y", label: "", kind: "length" },
  ],
};

function columnsOf(list: string): Column[] | undefined {
  return others[list] ?? lists[list]?.columns;
}

function listIn(list: unknown, columns: Column[] | undefined, unit: Unit): unknown {
  return columns
    ? rowsOf(list, columns).map(
        (row): ListRow =>
          Object.fromEntries(
            Object.entries(row).map(([name, value]) => [
              name,
              typeof value === "string" && columns.find((column) => column.name === name)?.kind === "length"
                ? withUnit(value, unit)
                : value,
            ]),
          ),
      )
    : list;
}

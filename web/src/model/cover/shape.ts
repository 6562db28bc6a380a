import type { Cover, MeasuredFrom } from "./cover";
import { isTaken, partsOf, withUsualSizes } from "./parts";
import type { Catalogue, Measure, Shape, Unit } from "../../api/client";

/** The shape of a cover, from the catalogue the screen is built from. */
export function shapeOf(catalogue: Catalogue, cover: Cover): Shape | null {
  const form = catalogue.forms.find((known) => known.id === cover.form);
  return form?.shapes.find((shape) => shape.id === cover.shape) ?? form?.shapes[0] ?? null;
}

/** What the tape may lie on when this is measured; what was said already is among it. */
export function tapeLies(catalogue: Catalogue, cover: Cover): { word: MeasuredFrom; label: string }[] {
  const known = catalogue.forms.find((form) => form.id === cover.form)?.tapeLies ?? [];
  return known.some(({ word }) => word === cover.measuredFrom)
    ? known
    : [...known, { word: cover.measuredFrom, label: cover.measuredFrom.replaceAll("-", " ") }];
}

export function exampleOf(measure: Measure, unit: Unit): string {
  return unit === "in" ? measure.exampleInches : measure.exampleMillimetres;
}

/** The example's size in millimetres; nothing where it has none. */
export function exampleSize(measure: Measure, unit: Unit): number | null {
  return unit === "in" ? measure.exampleOfInches : measure.exampleOfMillimetres;
}

/** Measured one way or the other: the second stands in for the first. */
const instead: Record<string, string> = { diameter: "circumference" };

/** A hand takes this measure as a matter of course; the others can be taken besides. */
export function isAsked(measure: Measure, cover: Cover): boolean {
  const other = instead[measure.name];
  return (
    !measure.optional ||
    (measure.exampleInches !== "" &&
      !measure.mayBeZero &&
      measure.rule === null &&
      other !== undefined &&
      !cover.measures[other]?.trim())
  );
}

/** The measures that have to be taken and are not. */
export function missingMeasures(shape: Shape, cover: Cover): Measure[] {
  return shape.measures.filter((measure) => isAsked(measure, cover) && !cover.measures[measure.name]?.trim());
}

/** Lists that have to be measured row by row, and an example of each to look at before that is done. */
const exampleLists: Record<string, unknown> = {
  points: "0 mm, 0 mm; 560 mm, 0 mm; 600 mm, 380 mm, 18 mm; 470 mm, 520 mm; 20 mm, 480 mm",
  stations: "0 mm, 440 mm; 200 mm, 450 mm; 400 mm, 360 mm",
  zones: [
    { name: "Inside back", width: "600 mm", height: "650 mm", tucks: ["bottom"], freeTuck: "75 mm" },
    { name: "Inside arm", width: "600 mm", height: "450 mm", count: 2, pair: true },
  ],
};

/** The list this shape is measured by, while nothing stands in it. */
export function missingList(shape: Shape, cover: Cover): string | null {
  const list = shape.list;
  return list && !hasRows(cover.lists[list]) ? list : null;
}

function hasRows(list: unknown): boolean {
  return typeof list === "string" ? list.trim() !== "" : Array.isArray(list) && list.length > 0;
}

/** How many parts of a thing that is covered in parts are not taken; none on any other thing. */
export function missingParts(shape: Shape, cover: Cover): number {
  return shape.list === "zones" ? partsOf(cover).filter((part) => !isTaken(part)).length : 0;
}

/** Everything that has to be measured is. */
export function isMeasured(shape: Shape, cover: Cover): boolean {
  return (
    missingMeasures(shape, cover).length === 0 &&
    missingList(shape, cover) === null &&
    missingParts(shape, cover) === 0
  );
}

/** The cover with examples where nothing is measured yet, so that there is something to look at. */
export function withExamples(shape: Shape, cover: Cover, unit: Unit): Cover {
  const examples = missingMeasures(shape, cover).map((measure): [string, string] => [
    measure.name,
    exampleOf(measure, unit),
  ]);
  const list = missingList(shape, cover);
  const rows = list
    ? { [list]: exampleLists[list] }
    : missingParts(shape, cover) > 0
      ? { zones: withUsualSizes(cover) }
      : null;
  return examples.length === 0 && !rows
    ? cover
    : {
        ...cover,
        measures: { ...cover.measures, ...Object.fromEntries(examples) },
        lists: { ...cover.lists, ...rows },
      };
}

/** The measure after this one in the order a hand takes them; null after the last. */
export function nextMeasure(
  shape: Shape,
  cover: Cover,
  name: string | null,
  step: 1 | -1 = 1,
): string | null {
  const walk = shape.measures.filter((measure) => isAsked(measure, cover) || measure.name === name);
  const at = walk.findIndex((measure) => measure.name === name);
  return walk[at + step]?.name ?? null;
}

import type { Catalogue, Cover, Measure, Shape, Unit } from "../api/client";

/** The shape of a cover, from the catalogue the screen is built from. */
export function shapeOf(catalogue: Catalogue, cover: Cover): Shape | null {
  const form = catalogue.forms.find((known) => known.id === cover.form);
  return form?.shapes.find((shape) => shape.id === cover.shape) ?? form?.shapes[0] ?? null;
}

export function exampleOf(measure: Measure, unit: Unit): string {
  return unit === "in" ? measure.exampleInches : measure.exampleMillimetres;
}

/** The measures that have to be taken and are not. */
export function missingMeasures(shape: Shape, cover: Cover): Measure[] {
  return shape.measures.filter((measure) => !measure.optional && !cover.measures[measure.name]?.trim());
}

/** The cover with examples where nothing is measured yet, so that there is something to look at. */
export function withExamples(shape: Shape, cover: Cover, unit: Unit): Cover {
  const examples = missingMeasures(shape, cover).map((measure): [string, string] => [
    measure.name,
    exampleOf(measure, unit),
  ]);
  return examples.length === 0
    ? cover
    : { ...cover, measures: { ...cover.measures, ...Object.fromEntries(examples) } };
}

/** The measure after this one in the order a hand takes them; null after the last. */
export function nextMeasure(shape: Shape, name: string | null, step: 1 | -1 = 1): string | null {
  const walk = shape.measures.filter((measure) => !measure.optional || measure.name === name);
  const at = walk.findIndex((measure) => measure.name === name);
  return walk[at + step]?.name ?? null;
}

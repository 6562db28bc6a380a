import { emptyCover } from "./cover";
import type { Cover } from "./cover";
import type { Catalogue } from "../../api/client";

/** A cover for this thing; what was measured stays where the new thing has it too. */
export function takeThing(
  catalogue: Catalogue,
  before: Cover,
  formId: string,
  shapeId: string | null,
): Cover {
  const shapes = catalogue.forms.find((known) => known.id === formId)?.shapes ?? [];
  const shape = shapes.find((known) => known.id === shapeId) ?? shapes[0];
  return {
    ...before,
    form: formId,
    shape: shape?.id ?? "",
    construction: shape?.constructions[0] ?? "",
    measures: Object.fromEntries(
      Object.entries(before.measures).filter(([name]) =>
        shape?.measures.some((known) => known.name === name),
      ),
    ),
    options: formId === before.form ? before.options : {},
  };
}

/** A cover of which nothing is measured yet. */
export function newThing(catalogue: Catalogue, formId: string, shapeId: string | null): Cover {
  return takeThing(catalogue, emptyCover, formId, shapeId);
}

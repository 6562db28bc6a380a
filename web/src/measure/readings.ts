import type { Check, Cover, ReadMeasure, Shape, Unit } from "../api/client";
import { exampleOf, isAsked } from "./shape";
import type { Reading } from "./ThingDrawing";

/** How each measure of a thing reads on the drawing: as taken, as typed and wrong, or not taken yet. */
export function readingsOf(
  shape: Shape,
  cover: Cover,
  checks: Check[],
  readings: Record<string, ReadMeasure>,
  unit: Unit,
): Record<string, Reading> {
  return Object.fromEntries(
    shape.measures
      .filter((known) => isAsked(known, cover) || cover.measures[known.name]?.trim())
      .map((known): [string, Reading] => {
        const typed = cover.measures[known.name]?.trim() ?? "";
        const read = readings[known.name];
        const wrong =
          typed !== "" && checks.some((check) => check.measure === known.name && check.level === "error");
        return [
          known.name,
          {
            text: wrong ? typed : (read?.shown ?? typed),
            millimetres: wrong ? null : (read?.value ?? millimetresOf(exampleOf(known, unit), unit)),
            taken: typed !== "" && !wrong,
            wrong,
          },
        ];
      }),
  );
}

/** An example's figure, only to have something to draw before a measure is taken. */
function millimetresOf(example: string, unit: Unit): number {
  const [whole = "0", fraction] = example.split(" ");
  const [over, under] = (fraction ?? "").split("/").map(Number);
  const figure = Number.parseFloat(whole) + (over && under ? over / under : 0);
  return unit === "in" ? figure * 25.4 : figure;
}

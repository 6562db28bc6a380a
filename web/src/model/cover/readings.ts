import type { Cover } from "./cover";
import type { Check, ReadMeasure, Shape, Unit } from "../../api/client";
import { exampleSize, isAsked } from "./shape";

/** What a measure reads, as it stands on its dimension line. */
export interface Reading {
  text: string;
  millimetres: number | null;
  taken: boolean;
  wrong: boolean;
}

/** Something is typed for this measure that cannot be used. */
export function isWrong(measure: string, cover: Cover, checks: Check[]): boolean {
  return (
    Boolean(cover.measures[measure]?.trim()) &&
    checks.some((check) => check.measure === measure && check.level === "error")
  );
}

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
        const wrong = isWrong(known.name, cover, checks);
        return [
          known.name,
          {
            text: wrong ? typed : (read?.shown ?? typed),
            millimetres: wrong ? null : (read?.value ?? exampleSize(known, unit)),
            taken: typed !== "" && !wrong,
            wrong,
          },
        ];
      }),
  );
}

import type { Cover, Draft, Measure, ReadMeasure, Shape, Unit } from "../api/client";
import { CushionDrawing } from "./CushionDrawing";
import type { Cushion } from "./cushion";
import { withExamples } from "./shape";
import { ThingDrawing, type Reading } from "./ThingDrawing";
import { useLastGood } from "./useLastGood";

interface Props {
  cover: Cover;
  coverId: string;
  shape: Shape;
  unit: Unit;
  houseRules: Record<string, string>;
  draft: Draft | null;
  read: Record<string, ReadMeasure>;
  readings: Record<string, Reading>;
  lit: string | null;
  onAsk: (measure: string) => void;
}

/** The thing with its dimension lines: a cushion with piping and stripes, everything else from its fold-up. */
export function MeasureDrawing({
  cover,
  coverId,
  shape,
  unit,
  houseRules,
  draft,
  read,
  readings,
  lit,
  onAsk,
}: Props) {
  const tapered = shape.id === "trapezoid";
  const isCushion = cover.form === "box-cushion" && (shape.id === "rectangle" || tapered);
  const lastGood = useLastGood(`${coverId}.${shape.id}`, cushionOf(read, tapered), sameCushion);
  const cushion = lastGood ?? cushionOf(filledIn(read, shape.measures), tapered);
  return isCushion && cushion ? (
    <CushionDrawing
      cushion={cushion}
      tapered={tapered}
      lit={lit}
      piping={cover.construction === "boxing-strip" ? (cover.options.piping ?? "none") : "none"}
      zipTurn={zipTurnOf(draft)}
      onAsk={onAsk}
      readings={readings}
    />
  ) : (
    <ThingDrawing
      cover={withExamples(shape, cover, unit)}
      shape={shape}
      unit={unit}
      houseRules={houseRules}
      lit={lit}
      onAsk={onAsk}
      readings={readings}
    />
  );
}

/** The cushion to draw from what could be read; null while some measure cannot be read. */
function cushionOf(readings: Record<string, ReadMeasure>, tapered: boolean): Cushion | null {
  const value = (name: string) => readings[name]?.value ?? null;
  const front = tapered ? value("frontWidth") : value("width");
  const back = tapered ? value("backWidth") : front;
  const [depth, thickness] = [value("depth"), value("thickness")];
  return front && back && depth && thickness ? { front, back, depth, thickness } : null;
}

/** What can be read, with the form's examples for the rest: something to look at when there is no earlier drawing. */
function filledIn(readings: Record<string, ReadMeasure>, measures: Measure[]): Record<string, ReadMeasure> {
  const examples = measures
    .filter((known) => !known.optional)
    .map((known): [string, ReadMeasure] => [
      known.name,
      { value: parseFloat(known.exampleMillimetres), shown: "" },
    ]);
  return { ...Object.fromEntries(examples), ...readings };
}

function sameCushion(a: Cushion | null, b: Cushion): boolean {
  return a?.front === b.front && a.back === b.back && a.depth === b.depth && a.thickness === b.thickness;
}

/** How far the zip comes round each back corner, from the draft's own figures. */
function zipTurnOf(draft: Draft | null): number | null {
  const run = draft?.finished.find((size) => size.key === "Z")?.value;
  const plate = draft?.pieces.find((piece) => piece.key === "plate");
  const back = plate?.edges
    .filter((edge) => edge.name.startsWith("back"))
    .reduce((sum, edge) => sum + edge.length, 0);
  return run && back ? (run - back) / 2 : null;
}

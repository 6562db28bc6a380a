import { useEffect } from "react";
import type { Catalogue, Check, Cover, Draft, Measure, ReadMeasure, Unit } from "../api/client";
import { editText, useBench } from "../jobs/benchStore";
import { ChecksFor } from "../ui/ChecksFor";
import type { Cushion } from "./cushion";
import { CushionDrawing } from "./CushionDrawing";
import { MeasureField } from "./MeasureField";
import { MeasureWalk } from "./MeasureWalk";
import { missingMeasures, nextMeasure, shapeOf } from "./shape";
import { useLastGood } from "./useLastGood";
import "./measure.css";

interface Props {
  catalogue: Catalogue;
  cover: Cover;
  coverId: string;
  unit: Unit;
  draft: Draft | null;
  checks: Check[];
  readings: Record<string, ReadMeasure>;
  onDone: () => void;
}

/** The thing and its measures: one is asked for at a time, lit on the drawing, with one very large numeral. */
export function MeasurePanel({ catalogue, cover, coverId, unit, draft, checks, readings, onDone }: Props) {
  const measure = useBench((state) => state.measure);
  const ask = useBench((state) => state.ask);
  const shape = shapeOf(catalogue, cover);
  const tapered = shape?.id === "trapezoid";
  const lastGood = useLastGood(`${coverId}.${shape?.id}`, cushionOf(readings, tapered), sameCushion);
  const asked = shape?.measures.find((known) => known.name === measure) ?? null;

  useEffect(() => {
    if (shape && !asked) {
      ask(missingMeasures(shape, cover)[0]?.name ?? shape.measures[0]?.name ?? null);
    }
  }, [shape, asked, cover, ask]);

  if (!shape) {
    return <section className="sheet measure-panel">This form cannot be drawn.</section>;
  }

  const drawn = lastGood ?? cushionOf(filledIn(readings, shape.measures), tapered);
  const missing = missingMeasures(shape, cover);
  const walk = (step: 1 | -1) => {
    const next = nextMeasure(shape, measure, step);
    if (next) {
      ask(next);
    } else if (step === 1) {
      onDone();
    }
  };
  return (
    <section className="sheet measure-panel" aria-label="Measures" id="measure">
      {drawn && (
        <CushionDrawing
          cushion={drawn}
          tapered={tapered}
          lit={measure}
          piping={cover.construction === "boxing-strip" ? (cover.options.piping ?? "none") : "none"}
          zipTurn={zipTurnOf(draft)}
          onAsk={ask}
          readings={Object.fromEntries(
            shape.measures
              .map((known) => {
                const typed = cover.measures[known.name]?.trim() ?? "";
                const wrong =
                  checks.some((check) => check.measure === known.name && check.level === "error") &&
                  typed !== "";
                return [
                  known.name,
                  {
                    text: wrong ? typed : (readings[known.name]?.shown ?? typed),
                    taken: typed !== "" && !wrong,
                    wrong,
                  },
                ];
              })
              .filter(([name]) => !shape.measures.find((known) => known.name === name)?.optional),
          )}
        />
      )}
      {asked && (
        <div className="taking">
          <MeasureField
            key={`${coverId}.${asked.name}`}
            measure={asked}
            unit={unit}
            text={cover.measures[asked.name] ?? ""}
            wrong={checks.some(
              (check) =>
                check.measure === asked.name && check.level === "error" && check.code !== "measure-missing",
            )}
            onChange={(text) => editText("measures", asked.name, text)}
            onWalk={walk}
          />
          <MeasureWalk
            checks={checks.filter(
              (check) => check.measure === asked.name && check.code !== "measure-missing",
            )}
            shape={shape}
            cover={cover}
            asked={asked}
            next={nextMeasure(shape, measure)}
            complete={missing.length === 0 && !checks.some((check) => check.level === "error")}
            onAsk={ask}
          />
        </div>
      )}
      <ChecksFor
        checks={checks.filter(
          (check) =>
            check.code !== "measure-missing" && check.measure !== asked?.name && isOf(check, shape.measures),
        )}
      />
    </section>
  );
}

function isOf(check: Check, measures: { name: string }[]): boolean {
  return measures.some((known) => known.name === check.measure);
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

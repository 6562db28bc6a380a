import type { Cover } from "../../../model/cover/cover";
import { useEffect, useState } from "react";
import { flushSync } from "react-dom";
import type { Catalogue, Check, ReadMeasure, Unit } from "../../../api/client";
import { editText, useBench } from "../../../model/job/benchStore";
import { ChecksFor } from "../../../ui/checks/ChecksFor";
import { FittingPanel } from "./fitting/FittingPanel";
import { FromField, fromMeasure } from "./FromField";
import { ListEditor } from "./lists/ListEditor";
import { ThingDrawing } from "../../../drawing/things/ThingDrawing";
import { MeasureExtras } from "./MeasureExtras";
import { MeasureField } from "./MeasureField";
import { MeasureWalk } from "./MeasureWalk";
import { PanelWays } from "./PanelWays";
import { PartsPanel } from "./parts/PartsPanel";
import { ThingFields } from "../makeup/ThingFields";
import { readingsOf } from "../../../model/cover/readings";
import {
  isMeasured,
  missingList,
  missingMeasures,
  nextMeasure,
  shapeOf,
  tapeLies,
  withExamples,
} from "../../../model/cover/shape";
import { useDrawn } from "./useDrawn";
import { useSecondReadings } from "../../../queries/figures/useSecondReadings";
import "../../../drawing/drawing.css";
import "./measure.css";

interface Props {
  catalogue: Catalogue;
  cover: Cover;
  coverId: string;
  unit: Unit;
  houseRules: Record<string, string>;
  checks: Check[];
  /** The checks and readings are of what stands there now. */
  settled: boolean;
  readings: Record<string, ReadMeasure>;
  onDone: () => void;
  /** It has the room of a stage: what the thing is is said here too. */
  isStage: boolean;
}

/** The thing and its measures: one is asked for at a time, lit on the drawing, with one very large numeral. */
export function MeasurePanel({
  catalogue,
  cover,
  coverId,
  unit,
  houseRules,
  checks,
  settled,
  readings,
  onDone,
  isStage,
}: Props) {
  const measure = useBench((state) => state.measure);
  const ask = useBench((state) => state.ask);
  const [way, setWay] = useState<{ coverId: string; way: string } | null>(null);
  const shape = shapeOf(catalogue, cover);
  const answers = tapeLies(catalogue, cover);
  const asked = shape?.measures.find((known) => known.name === measure) ?? null;
  const drawn = useDrawn(cover, coverId, shape, checks, settled, unit);
  const worth = useSecondReadings(
    shape !== null && isMeasured(shape, cover) ? cover : null,
    unit,
    houseRules,
  );

  useEffect(() => {
    // Of a thing in parts one part is asked for after the other.
    if (shape && shape.list !== "zones" && !asked && measure !== fromMeasure) {
      const untouched =
        answers.length > 1 && Object.keys(cover.measures).length === 0 && !isMeasured(shape, cover);
      if (answers.length === 1 && missingList(shape, cover)) {
        document.querySelector<HTMLElement>('[data-cell="0.0"]')?.focus(); // row by row comes before what is measured once
      }

      ask(
        untouched
          ? fromMeasure
          : (missingMeasures(shape, cover)[0]?.name ?? shape.measures[0]?.name ?? fromMeasure),
      );
    }
  }, [shape, asked, measure, cover, answers, ask]);

  if (!shape) {
    return <section className="sheet measure-panel">This form cannot be drawn.</section>;
  }

  const inParts = shape.list === "zones";
  const firstOpen = missingList(shape, cover) && !inParts ? "list" : "drawing";
  const shown = way?.coverId === coverId ? way.way : firstOpen;
  const walk = (step: 1 | -1) => {
    const isFrom = measure === fromMeasure;
    const next = isFrom
      ? step === 1
        ? nextMeasure(shape, cover, null)
        : null
      : nextMeasure(shape, cover, measure, step);
    const first = isFrom && step === 1 && shape.list !== null;
    flushSync(() => {
      if (next) {
        ask(next);
      } else if (step === -1) {
        ask(fromMeasure);
      }

      if (first) {
        setWay({ coverId, way: "list" });
      }
    });
    if (first) {
      // What is measured row by row comes before what is measured once.
      document.querySelector<HTMLElement>('[data-cell="0.0"]')?.focus();
    } else if (!next && step === 1) {
      onDone();
    }
  };
  const own = checks.filter((check) => check.measure === asked?.name && check.concerns !== "untaken");
  return (
    <section className="sheet measure-panel" aria-label="Measures" id="measure">
      <div className="measure-head">
        <PanelWays
          catalogue={catalogue}
          shape={shape}
          cover={cover}
          shown={shown}
          onShow={(chosen) => setWay({ coverId, way: chosen })}
        />
        {isStage && <ThingFields catalogue={catalogue} cover={cover} />}
      </div>
      {shown === "fitting" ? (
        <FittingPanel
          unit={unit}
          houseRules={houseRules}
          drawn={withExamples(shape, cover, unit)}
          checks={checks}
          onDone={() => setWay({ coverId, way: "drawing" })}
        />
      ) : shown !== "drawing" ? (
        <ListEditor
          key={`${coverId}.${shown}`}
          cover={cover}
          list={shown === "list" ? (shape.list ?? "") : shown}
          unit={unit}
          checks={checks}
          readings={readings}
        />
      ) : inParts ? (
        <PartsPanel
          key={coverId}
          cover={cover}
          coverId={coverId}
          shape={shape}
          unit={unit}
          checks={checks}
          readings={readings}
          onDone={onDone}
        />
      ) : (
        <ThingDrawing
          cover={drawn}
          shape={shape}
          unit={unit}
          houseRules={houseRules}
          readings={readingsOf(shape, cover, checks, readings, unit)}
          lit={measure}
          onAsk={ask}
        />
      )}
      {shown !== "fitting" && measure === fromMeasure && (
        <FromField value={cover.measuredFrom} answers={answers} onWalk={walk} />
      )}
      {shown !== "fitting" && asked && (
        <div className="taking">
          <MeasureField
            key={`${coverId}.${asked.name}`}
            measure={asked}
            unit={unit}
            text={cover.measures[asked.name] ?? ""}
            wrong={own.some((check) => check.level === "error")}
            onChange={(text) => editText("measures", asked.name, text)}
            onWalk={walk}
          />
          <MeasureWalk
            checks={own}
            shape={shape}
            cover={cover}
            asked={asked}
            next={nextMeasure(shape, cover, measure)}
            complete={isMeasured(shape, cover) && !checks.some((check) => check.level === "error")}
            onAsk={ask}
          />
          <MeasureExtras
            key={`${coverId}.${asked.name}.extras`}
            cover={cover}
            coverId={coverId}
            measure={asked}
            worthASecond={worth.get(asked.name) ?? null}
          />
        </div>
      )}
      <ChecksFor
        checks={checks.filter(
          (check) =>
            check.concerns !== "untaken" &&
            check.measure !== asked?.name &&
            shape.measures.some((known) => known.name === check.measure),
        )}
      />
    </section>
  );
}

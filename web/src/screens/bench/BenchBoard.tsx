import type { ReactNode } from "react";
import { useShallow } from "zustand/react/shallow";
import type { Catalogue, Check, Shape, Yardage } from "../../api/client";
import type { Cloth } from "../../model/cloth/cloth";
import type { Cover } from "../../model/cover/cover";
import { keyOf } from "../../model/cloth/clothKey";
import { useBench, useCurrentCover } from "../../model/job/benchStore";
import { coversOn, nameOf, type JobDocument } from "../../model/job/document";
import { partsOf } from "../../model/cover/parts";
import {
  isAsked,
  isMeasured,
  missingMeasures,
  missingParts,
  shapeOf,
  withExamples,
} from "../../model/cover/shape";
import { useStage, type Stage } from "../../model/job/stage";
import { BuyPanel } from "./cloth/BuyPanel";
import { CompareCloths } from "./cloth/CompareCloths";
import { RollPanel } from "./cloth/RollPanel";
import { MakeUpPanel } from "./makeup/MakeUpPanel";
import { MeasurePanel } from "./measure/MeasurePanel";
import { PiecesPanel } from "./pieces/PiecesPanel";
import { ProofView } from "./proof/ProofView";
import { Strips } from "./stages/Strips";
import { useGoTo } from "./stages/useStageAddress";
import { TurnView } from "./unfold/TurnView";
import { WorkingSheet } from "./working/WorkingSheet";
import { BenchHeader } from "./BenchHeader";
import { BenchPanel } from "./BenchPanel";
import { BenchThings } from "./BenchThings";
import { ConflictNotice } from "./ConflictNotice";
import { CoverTabs } from "./CoverTabs";
import { SavingTrouble } from "./SavingTrouble";
import { TapeEdge } from "./TapeEdge";
import { usePrints } from "./usePrints";
import { useBenchFigures } from "./useBenchFigures";
import "./bench.css";

interface Props {
  catalogue: Catalogue;
  houseRules: Record<string, string>;
}

/** The stage in hand with the room it needs and the others beside it, live; or all of it together. A change in one ripples through all. */
export function BenchBoard({ catalogue, houseRules }: Props) {
  const document = useBench((state) => state.document);
  const current = useCurrentCover();
  const stage = useStage((state) => state.stage);
  const goTo = useGoTo();
  const { choosing, turning, reading, proving } = useBench(
    useShallow(({ choosing, turning, reading, proving }) => ({ choosing, turning, reading, proving })),
  );
  const of = useBenchFigures(catalogue, houseRules);
  const printOf = usePrints([of.drawn, ...of.others.map(({ yardage: other }) => other)], current?.id ?? "");
  const { cloth, draft, yardage } = of;
  if (!document || !cloth) {
    return null;
  }

  const shape = current ? shapeOf(catalogue, current.cover) : null;
  const unit = document.heading.unit;
  const shown = (): ReactNode => {
    if (choosing || !current || !shape) {
      return <BenchThings catalogue={catalogue} unit={unit} />;
    }

    const cover = withExamples(shape, current.cover, unit);
    const name = nameOf(document, current);
    const made = { cover, unit, houseRules, draft };
    if (reading && draft) {
      return <WorkingSheet draft={draft} name={name} onLeave={() => useBench.setState({ reading: false })} />;
    }

    if (proving) {
      return <ProofView {...made} name={name} />;
    }

    const common = { catalogue, cover: current.cover, unit, houseRules, checks: of.coverChecks };
    const has = (one: Stage) => stage === "all" || stage === one;
    return (
      <>
        {turning || stage === "pieces" ? (
          <TurnView
            {...made}
            printOf={printOf}
            onLeave={stage === "pieces" ? null : () => useBench.setState({ turning: false })}
          />
        ) : (
          <>
            {has("measure") && (
              <BenchPanel name="Measure" of={current}>
                <MeasurePanel
                  {...common}
                  coverId={current.id}
                  settled={of.isSettled}
                  readings={of.readings}
                  isStage={stage === "measure"}
                  onDone={() => {
                    if (stage === "measure") {
                      goTo("make-up");
                    }

                    focusCount();
                  }}
                />
              </BenchPanel>
            )}
            {has("make-up") && (
              <BenchPanel name="Make-up" of={current}>
                <MakeUpPanel {...common} cloth={cloth} draft={draft} isStage={stage === "make-up"} />
              </BenchPanel>
            )}
          </>
        )}
        {has("pieces") && (
          <BenchPanel name="Pieces" of={current}>
            <PiecesPanel
              isOnlyPlace={!has("make-up")}
              {...made}
              catalogue={catalogue}
              key={current.id}
              example={!isMeasured(shape, current.cover)}
              stale={of.isStale}
              coverChecks={of.coverChecks}
              printOf={printOf}
            />
          </BenchPanel>
        )}
        {has("cloth") && (
          <BenchPanel name="Cloth" of={cloth}>
            <RollPanel
              yardage={of.drawn}
              stale={of.isStaleYardage}
              checks={of.checks}
              matchings={of.matchings}
              document={document}
              cloth={cloth}
              unit={unit}
              currentId={current.id}
            />
            <BuyPanel
              yardage={of.priced}
              stale={of.isStaleYardage}
              widths={of.widths}
              comparing={!of.isCompared}
              unit={unit}
              leftOut={yardage && !of.coverOnly ? namesLeftOut(document, cloth, yardage) : []}
              cloth={cloth}
              others={of.others}
              longer={of.longer}
              coverOnly={of.coverOnly}
              besideOthers={
                stage === "cloth" && (
                  <CompareCloths
                    document={document}
                    catalogue={catalogue}
                    houseRules={houseRules}
                    lays={
                      new Map([
                        [keyOf(cloth), of.drawn?.lay ?? null],
                        ...of.others.map(
                          (other) => [keyOf(other.cloth), other.yardage?.lay ?? null] as const,
                        ),
                      ])
                    }
                  />
                )
              }
              asked={of.asked}
            />
          </BenchPanel>
        )}
        {stage !== "all" && (
          <BenchPanel name="The other stages" of={current}>
            <Strips
              {...common}
              at={stage}
              examples={cover}
              shape={shape}
              draft={draft}
              printOf={printOf}
              yardage={of.priced}
              others={of.others}
              stale={of.isStale}
            />
          </BenchPanel>
        )}
      </>
    );
  };
  return (
    <div className="bench">
      <TapeEdge
        catalogue={catalogue}
        document={document}
        {...takenOf(shape, current?.cover, of.coverChecks)}
        draft={draft}
        yardage={yardage}
      />
      <BenchHeader />
      <main className="board" data-stage={stage} data-settled={of.isSettled} data-compared={of.isCompared}>
        <ConflictNotice />
        <SavingTrouble />
        <CoverTabs yardages={[yardage, ...of.others.map((other) => other.yardage)]} />
        {shown()}
      </main>
    </div>
  );
}

/** How many measures are asked for, and how many are taken and can be read. */
function takenOf(shape: Shape | null, cover: Cover | undefined, checks: Check[]) {
  if (!shape || !cover) {
    return { measured: 0, measures: 0 };
  }

  const asked = shape.measures.filter((measure) => isAsked(measure, cover));
  const unread = asked.filter((measure) => isWrong(checks, measure.name)).length;
  const parts = shape.list === "zones" ? partsOf(cover).length : 0;
  return {
    measured:
      asked.length - missingMeasures(shape, cover).length - unread + parts - missingParts(shape, cover),
    measures: asked.length + parts,
  };
}

/** What is not in the figure to buy: unfinished, or too wide for the cloth. */
function namesLeftOut(document: JobDocument, cloth: Cloth, yardage: Yardage): string[] {
  const laid = new Set(yardage.pieces.map((piece) => piece.cover));
  return coversOn(document, cloth)
    .filter((entry) => !laid.has(entry.id))
    .map((entry) => nameOf(document, entry));
}

/** After the last measure the hand goes on to how many there are. */
function focusCount() {
  document.getElementById("count")?.focus();
}

function isWrong(checks: Check[], measure: string): boolean {
  return checks.some((check) => check.measure === measure && check.level === "error");
}

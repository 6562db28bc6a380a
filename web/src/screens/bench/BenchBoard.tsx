import type { Cloth } from "../../model/cloth";
import { useShallow } from "zustand/react/shallow";
import type { Catalogue, Check, Yardage } from "../../api/client";
import { BuyPanel } from "./cloth/BuyPanel";
import { RollPanel } from "./cloth/RollPanel";
import { useLookLonger } from "../../queries/useLookLonger";
import { clothOnBench, useBench, useCurrentCover } from "../../model/benchStore";
import { TurnView } from "./unfold/TurnView";
import { WorkingSheet } from "./working/WorkingSheet";
import { BenchThings } from "./BenchThings";
import { clothOf, coversOn, nameOf, type JobDocument } from "../../model/document";
import { MakeUpPanel } from "./makeup/MakeUpPanel";
import { MeasurePanel } from "./measure/MeasurePanel";
import { isAsked, isMeasured, missingMeasures, shapeOf, withExamples } from "../../model/shape";
import { useLastGood } from "../../queries/useLastGood";
import { PiecesPanel } from "./pieces/PiecesPanel";
import { ProofView } from "./proof/ProofView";
import { BenchHeader } from "./BenchHeader";
import { ConflictNotice } from "./ConflictNotice";
import { SavingTrouble } from "./SavingTrouble";
import { CoverTabs } from "./CoverTabs";
import { TapeEdge } from "./TapeEdge";
import { useSettled } from "../../queries/useSettled";
import { quickSteps, settledSteps, useYardage, useYardages } from "../../queries/useYardage";
import "./bench.css";

interface Props {
  catalogue: Catalogue;
  houseRules: Record<string, string>;
}

const pauseBeforeComparing = 350;

/** Measures, make-up, pieces and the cloth in sight together; a change in one ripples through all. */
export function BenchBoard({ catalogue, houseRules }: Props) {
  const document = useBench((state) => state.document);
  const current = useCurrentCover();
  const { choosing, turning, reading, proving, laying, shownCloth } = useBench(
    useShallow(({ choosing, turning, reading, proving, laying, shownCloth }) => ({
      choosing,
      turning,
      reading,
      proving,
      laying,
      shownCloth,
    })),
  );
  const only = laying === "cover" ? (current?.id ?? null) : null;
  const settled = useSettled(document, pauseBeforeComparing);
  const drafts = current ? [current.id] : [];
  const cloth = document ? clothOnBench(document, { currentId: current?.id ?? null, shownCloth }) : null;
  const key = cloth?.key ?? "";
  const quick = useYardage({ document, cloth: key, catalogue, houseRules, drafts, steps: quickSteps, only });
  const full = useYardage({
    document: settled,
    cloth: key,
    catalogue,
    houseRules,
    drafts,
    steps: settledSteps,
    only,
  });

  const others = useYardages(settled, key, catalogue, houseRules);
  const isSettled = settled === document && !full.isPlaceholderData && full.data !== undefined;
  // The other widths take many lays: the figure is there before them, and its own lay is not looked for again.
  const compared = useYardage({
    document: isSettled ? settled : null,
    cloth: key,
    catalogue,
    houseRules,
    drafts: [],
    compare: true,
    steps: quickSteps,
    only,
    known: isSettled ? full.data?.lay : null,
  });
  const isCompared = isSettled && !compared.isPlaceholderData && compared.data !== undefined;
  const latest = (isSettled ? full.data : quick.data) ?? null;
  // While a cloth for linings is shown, the cover's pieces are still those of its own cloth.
  const own = document ? clothOf(document, current?.cover).key : "";
  const drafted = own === key ? latest : (others.find((other) => other.cloth.key === own)?.yardage ?? null);
  const answer = (current && drafted?.covers[current.id]) ?? null;
  const draft = useLastGood(current?.id ?? "", answer?.draft ?? null);
  const stale = answer !== null && !answer.draft;
  const yardage = useLastGood(current?.id ?? "", stale && latest?.buy == null ? null : latest);
  const longer = useLookLonger(
    only === null ? full.body : null,
    isSettled ? (full.data ?? null) : null,
    document?.heading.unit ?? "in",
  );
  if (!document || !cloth) {
    return null;
  }

  const matching = isCompared ? compared.data?.buy?.matching : null;
  const priced = yardage?.buy && matching ? { ...yardage, buy: { ...yardage.buy, matching } } : yardage;
  const drawn = yardage && longer.live ? { ...yardage, ...longer.live, offcuts: [], cuts: [] } : yardage;

  const shape = current ? shapeOf(catalogue, current.cover) : null;
  const unit = document.heading.unit;
  const missing = shape && current ? missingMeasures(shape, current.cover) : [];
  const unread =
    shape && current
      ? shape.measures.filter(
          (measure) => isAsked(measure, current.cover) && isWrong(answer?.checks, measure.name),
        ).length
      : 0;
  const asked =
    shape && current ? shape.measures.filter((measure) => isAsked(measure, current.cover)).length : 0;
  const example = shape !== null && current !== null && !isMeasured(shape, current.cover);
  return (
    <div className="bench">
      <TapeEdge
        document={document}
        measured={asked - missing.length - unread}
        measures={asked}
        draft={draft}
        yardage={yardage}
      />
      <BenchHeader />
      <main className="board" data-settled={isSettled} data-compared={isCompared}>
        <ConflictNotice />
        <SavingTrouble />
        <CoverTabs yardages={[yardage, ...others.map((other) => other.yardage)]} />
        {choosing || !current || !shape ? (
          <BenchThings catalogue={catalogue} unit={unit} />
        ) : reading && draft ? (
          <WorkingSheet
            draft={draft}
            name={nameOf(document, current)}
            onLeave={() => useBench.setState({ reading: false })}
          />
        ) : proving ? (
          <ProofView
            cover={withExamples(shape, current.cover, unit)}
            unit={unit}
            houseRules={houseRules}
            draft={draft}
            name={nameOf(document, current)}
          />
        ) : (
          <>
            {turning ? (
              <TurnView
                cover={withExamples(shape, current.cover, unit)}
                unit={unit}
                houseRules={houseRules}
                draft={draft}
              />
            ) : (
              <>
                <MeasurePanel
                  catalogue={catalogue}
                  cover={current.cover}
                  coverId={current.id}
                  unit={unit}
                  houseRules={houseRules}
                  checks={answer?.checks ?? []}
                  settled={isSettled}
                  readings={answer?.measures ?? {}}
                  onDone={focusCount}
                />
                <MakeUpPanel
                  catalogue={catalogue}
                  cover={current.cover}
                  cloth={cloth}
                  unit={unit}
                  houseRules={houseRules}
                  checks={answer?.checks ?? []}
                />
              </>
            )}
            <PiecesPanel
              key={current.id}
              draft={draft}
              example={example}
              stale={stale}
              cover={withExamples(shape, current.cover, unit)}
              unit={unit}
              houseRules={houseRules}
            />
            <RollPanel
              yardage={drawn}
              stale={stale && yardage !== latest}
              checks={latest?.checks ?? []}
              document={document}
              cloth={cloth}
              unit={unit}
              currentId={current.id}
            />
            <BuyPanel
              yardage={priced}
              stale={stale && yardage !== latest}
              widths={compared.data?.widths ?? []}
              comparing={!isCompared}
              unit={unit}
              leftOut={yardage && only === null ? namesLeftOut(document, cloth, yardage) : []}
              cloth={cloth}
              others={others}
              longer={isSettled && only === null ? longer : null}
              coverOnly={only !== null}
              asked={isSettled && !full.data?.example ? compared.body : null}
            />
          </>
        )}
      </main>
    </div>
  );
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

function isWrong(checks: Check[] | undefined, measure: string): boolean {
  return checks?.some((check) => check.measure === measure && check.level === "error") ?? false;
}

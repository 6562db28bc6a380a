import { Link } from "react-router";
import type { Catalogue, Draft, Yardage } from "../../api/client";
import { useBench } from "../../model/job/benchStore";
import { isCut, type JobDocument } from "../../model/job/document";
import { addressOf, useStage, type Stage } from "../../model/job/stage";
import { useGoTo } from "./stages/useStageAddress";

interface Props {
  catalogue: Catalogue;
  document: JobDocument;
  measured: number;
  measures: number;
  draft: Draft | null;
  yardage: Yardage | null;
}

/** The order of work as a tape down the left edge, with what each stage has come to; a touch opens it. */
export function TapeEdge({ catalogue, document, measured, measures, draft, yardage }: Props) {
  const jobId = useBench((state) => state.jobId) ?? "";
  const currentId = useBench((state) => state.currentId);
  const at = useStage((state) => state.stage);
  const goTo = useGoTo();
  const cover = document.covers.find((entry) => entry.id === currentId)?.cover;
  const construction = catalogue.constructions.find(({ id }) => id === cover?.construction);
  const pieces = draft?.pieces.filter(isCut).reduce((sum, piece) => sum + piece.quantity, 0) ?? 0;
  const buy = yardage?.buy && !yardage.example ? `${yardage.buy.figure} ${yardage.buy.unit}` : "";
  const inHand: Stage = measured < measures ? "measure" : "cloth";
  const marks: { stage: Stage; name: string; state: string }[] = [
    { stage: "measure", name: "Measure", state: measures === 0 ? "" : `${measured} of ${measures}` },
    { stage: "make-up", name: "Make-up", state: construction?.brief ?? "" },
    {
      stage: "pieces",
      name: "Pieces",
      state: measures === 0 ? "" : measured < measures ? "example" : `${pieces}`,
    },
    { stage: "cloth", name: "Cloth", state: buy },
  ];
  const mark = (stage: Stage, name: string, state: string) => (
    <Link
      key={stage}
      to={addressOf(jobId, stage)}
      className={at === "all" && measures > 0 && stage === inHand ? "stage doing" : "stage"}
      aria-current={stage === at ? "step" : undefined}
      onClick={(event) => {
        if (!event.ctrlKey && !event.metaKey && !event.shiftKey) {
          event.preventDefault(); // at once, and from whatever is open over the stages
          goTo(stage);
        }
      }}
    >
      {name}
      <span>{state}</span>
    </Link>
  );
  return (
    <nav className="tape-edge" aria-label="Stages of the work">
      <Ticks />
      {marks.map(({ stage, name, state }) => mark(stage, name, state))}
      <Link to={`/jobs/${jobId}/cutting`} className="stage">
        Cut
        <span>at the table</span>
      </Link>
      <Link to={`/jobs/${jobId}/sewing`} className="stage">
        Sew
        <span>card by card</span>
      </Link>
      {mark("all", "All of it", "")}
    </nav>
  );
}

function Ticks() {
  return (
    <svg className="tape-ticks" aria-hidden="true">
      <defs>
        <pattern id="ticks" width="30" height="96" patternUnits="userSpaceOnUse">
          {Array.from({ length: 8 }, (_, i) => (
            <line
              key={i}
              x1={i % 8 === 0 ? 2 : i % 4 === 0 ? 10 : 18}
              x2={30}
              y1={i * 12 + 6}
              y2={i * 12 + 6}
              stroke="#22303a"
            />
          ))}
        </pattern>
      </defs>
      <rect width="30" height="100%" fill="url(#ticks)" />
    </svg>
  );
}

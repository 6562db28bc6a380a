import { Link } from "react-router";
import type { Draft, Yardage } from "../../api/client";
import { useBench } from "../../model/benchStore";
import type { JobDocument } from "../../model/document";

interface Props {
  document: JobDocument;
  measured: number;
  measures: number;
  draft: Draft | null;
  yardage: Yardage | null;
}

const makeUps: Record<string, string> = {
  "boxing-strip": "boxed",
  "wrap-notched": "notched",
  "wrap-folded": "wrapped",
  "panels-folded": "panels",
};

/** The order of work as a tape down the left edge, with what each stage has come to. */
export function TapeEdge({ document, measured, measures, draft, yardage }: Props) {
  const jobId = useBench((state) => state.jobId);
  const currentId = useBench((state) => state.currentId);
  const cover = document.covers.find((entry) => entry.id === currentId)?.cover;
  const pieces = draft?.pieces.reduce((sum, piece) => sum + piece.quantity, 0) ?? 0;
  const buy = yardage?.buy && !yardage.example ? `${yardage.buy.figure} ${yardage.buy.unit}` : "";
  const stages = [
    {
      href: "#measure",
      name: "Measure",
      state: measures === 0 ? "" : `${measured} of ${measures}`,
      doing: measured < measures,
    },
    { href: "#makeup", name: "Make-up", state: makeUps[cover?.construction ?? ""] ?? "", doing: false },
    {
      href: "#pieces",
      name: "Pieces",
      state: measures === 0 ? "" : measured < measures ? "example" : `${pieces}`,
      doing: false,
    },
    { href: "#cloth", name: "Cloth", state: buy, doing: measures > 0 && measured === measures },
  ];
  return (
    <nav className="tape-edge" aria-label="Stages of the work">
      <Ticks />
      {stages.map((stage) => (
        <a key={stage.name} href={stage.href} className={stage.doing ? "stage doing" : "stage"}>
          {stage.name}
          <span>{stage.state}</span>
        </a>
      ))}
      <Link to={`/jobs/${jobId}/cutting-sheet`} className="stage">
        Cut
        <span>print the sheet</span>
      </Link>
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

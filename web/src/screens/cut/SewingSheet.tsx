import { Button } from "antd";
import { Link } from "react-router";
import { nameOf } from "../../model/job/document";
import { CautionsOnPaper } from "./CautionsOnPaper";
import { JobOnPaper, type PaperJob } from "./JobOnPaper";
import { SewingSteps } from "./SewingSteps";
import "./cut.css";
import "./sewing.css";

/** What a maker sews by: each complete cover's order, step by step, with its stop-signs. */
export function SewingSheet() {
  return <JobOnPaper>{(job) => <Sheet {...job} />}</JobOnPaper>;
}

function Sheet({ id, document, letters, complete, unfinished }: PaperJob) {
  const { heading } = document;
  return (
    <main className="cutting-sheet sewing-sheet">
      <nav className="no-print">
        <Link to={`/jobs/${id}`}>← Back to the bench</Link>
        <Button onClick={() => window.print()}>Print</Button>
      </nav>
      <header>
        <div>
          <h1>{heading.name || "Unnamed job"}</h1>
          <p>{[heading.client, heading.place].filter(Boolean).join(", ")}</p>
        </div>
        <p>The order of sewing, one step after another</p>
      </header>
      {unfinished.length > 0 && (
        <p className="sheet-warning" role="note">
          Not on this sheet, because unfinished:{" "}
          {unfinished.map((entry) => nameOf(document, entry)).join(", ")}.
        </p>
      )}
      {complete.map(({ entry, draft }) => (
        <SewingSteps
          key={entry.id}
          letter={letters[entry.id] ?? ""}
          name={nameOf(document, entry)}
          count={entry.cover.count}
          draft={draft}
        />
      ))}
      <p className="caution">Needles at elastic, blades and hot irons: mind eyes and fingers.</p>
      <CautionsOnPaper of={complete.map(({ draft }) => draft)} />
    </main>
  );
}

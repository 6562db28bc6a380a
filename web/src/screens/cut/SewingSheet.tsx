import { Button } from "antd";
import { useMemo } from "react";
import { Link, useParams } from "react-router";
import { lettersOf } from "../../model/codes";
import { documentOf, isForInside, nameOf } from "../../model/document";
import { isMeasured, shapeOf } from "../../model/shape";
import { useCatalogue } from "../../queries/useCatalogue";
import { useHouse } from "../../queries/useHouse";
import { useStoredJob } from "../../queries/useStoredJob";
import { useYardages } from "../../queries/useYardage";
import { Nowhere } from "../../ui/Nowhere";
import { SewingSteps } from "./SewingSteps";
import "./cut.css";
import "./sewing.css";

/** What a maker sews by: each complete cover's order, step by step, with its stop-signs. */
export function SewingSheet() {
  const { id = "" } = useParams();
  const catalogue = useCatalogue();
  const house = useHouse();
  const job = useStoredJob(id, "cutting-sheet");
  const document = useMemo(() => (job.data ? documentOf(job.data) : null), [job.data]);
  const cloths = useYardages(document, null, catalogue.data, house.data?.rules);
  if (job.data === null) {
    return <Nowhere text="There is no such job, or it was deleted." />;
  }

  if (job.trouble) {
    return <Nowhere text={job.trouble} isTriedAgain />;
  }

  if (!document || !catalogue.data || cloths.some(({ yardage }) => !yardage)) {
    return <main aria-busy="true">Working it out…</main>;
  }

  const letters = job.data ? lettersOf(job.data) : {};
  const covers = document.covers.map((entry) => {
    const shape = catalogue.data && shapeOf(catalogue.data, entry.cover);
    const draft = cloths
      .filter(({ cloth }) => !isForInside(cloth))
      .map(({ yardage }) => yardage?.covers[entry.id]?.draft)
      .find(Boolean);
    return { entry, draft: shape && isMeasured(shape, entry.cover) ? draft : undefined };
  });
  const unfinished = covers.filter(({ draft }) => !draft);
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
          {unfinished.map(({ entry }) => nameOf(document, entry)).join(", ")}.
        </p>
      )}
      {covers.map(
        ({ entry, draft }) =>
          draft && (
            <SewingSteps
              key={entry.id}
              letter={letters[entry.id] ?? ""}
              name={nameOf(document, entry)}
              count={entry.cover.count}
              draft={draft}
            />
          ),
      )}
      <p className="caution">
        Needles at elastic, blades and hot irons: mind eyes and fingers. Fire and infant-bedding rules differ
        by country: check your local rules.
      </p>
    </main>
  );
}

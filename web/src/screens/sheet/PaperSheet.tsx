import { Button, Segmented } from "antd";
import { useState } from "react";
import { Link, useParams } from "react-router";
import type { Unit } from "../../api/client";
import { lettersOf } from "../../model/cover/codes";
import { documentOf, nameOf } from "../../model/job/document";
import { shapeOf } from "../../model/cover/shape";
import { useCatalogue } from "../../queries/server/useCatalogue";
import { useStoredJob } from "../../queries/job/useStoredJob";
import { Nowhere } from "../../ui/trouble/Nowhere";
import { PaperThing } from "./PaperThing";
import "../../drawing/drawing.css";
import "./paper.css";

/** The measuring sheet on paper: each thing drawn, each measure with room for a pencil, blank or as it stands. */
export function PaperSheet() {
  const { id = "" } = useParams();
  const [way, setWay] = useState("filled");
  const catalogue = useCatalogue();
  const job = useStoredJob(id, "paper");
  if (job.data === null) {
    return <Nowhere text="There is no such job, or it was deleted." />;
  }

  if (job.trouble) {
    return <Nowhere text={job.trouble} isTriedAgain />;
  }

  if (!job.data || !catalogue.data) {
    return <main aria-busy="true">Opening the sheet…</main>;
  }

  const unit = job.data.unit as Unit;
  const [document, letters] = [documentOf(job.data), lettersOf(job.data)];
  return (
    <main className="paper-sheet">
      <nav>
        <Link to={`/jobs/${id}`}>← Bench</Link>
        <Segmented aria-label="Blank or filled" value={way} options={["filled", "blank"]} onChange={setWay} />
        <Button onClick={() => window.print()}>Print</Button>
      </nav>
      <header>
        <h1>{job.data.name || "Measuring sheet"}</h1>
        <p>
          {[job.data.client, job.data.place].filter(Boolean).join(", ")} · measures in {unit}, first reading
          and second · measured by ______________ on ______________
        </p>
      </header>
      {document.covers.map((entry) => {
        const shape = shapeOf(catalogue.data, entry.cover);
        return shape ? (
          <PaperThing
            key={entry.id}
            name={`${letters[entry.id] ?? ""} ${nameOf(document, entry)}`}
            cover={entry.cover}
            shape={shape}
            unit={unit}
            catalogue={catalogue.data}
            isFilled={way === "filled"}
          />
        ) : null;
      })}
    </main>
  );
}

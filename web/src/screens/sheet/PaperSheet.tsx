import { coverFrom } from "../../model/cover";
import type { Cover } from "../../model/cover";
import { Segmented } from "antd";
import { useState } from "react";
import { Link, useParams } from "react-router";
import { type Unit } from "../../api/client";
import { Nowhere } from "../../ui/Nowhere";
import { useStoredJob } from "../../queries/useStoredJob";
import { useCatalogue } from "../../queries/useCatalogue";
import { fitting, type Space } from "../../model/projection";
import { shapeOf, withExamples, tapeLies } from "../../model/shape";
import { FoldedPicture } from "../../drawing/ThingDrawing";
import { useFoldUp } from "../../queries/useFoldUp";
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
  return (
    <main className="paper-sheet">
      <nav>
        <Link to={`/jobs/${id}`}>← Bench</Link>
        <Segmented aria-label="Blank or filled" value={way} options={["filled", "blank"]} onChange={setWay} />
        <button type="button" className="header-button" onClick={() => window.print()}>
          Print
        </button>
      </nav>
      <header>
        <h1>{job.data.name || "Measuring sheet"}</h1>
        <p>
          {[job.data.client, job.data.place].filter(Boolean).join(", ")} · measures in {unit} · measured by
          ______________ on ______________
        </p>
      </header>
      {job.data.covers.map((entry, i) => {
        const cover = coverFrom(entry.cover);
        const shape = shapeOf(catalogue.data, cover);
        return shape ? (
          <section key={entry.id}>
            <h2>
              {cover.name || `Cover ${i + 1}`} <small>{cover.count} alike</small>
            </h2>
            <p className="paper-from">
              Measured from:{" "}
              {tapeLies(catalogue.data, cover).map((known) => (
                <span key={known.word}>
                  {way === "filled" && known.word === cover.measuredFrom ? "☒" : "☐"} {known.label}{" "}
                </span>
              ))}
            </p>
            <div className="paper-thing">
              <PaperPicture cover={withExamples(shape, cover, unit)} unit={unit} />
              <table>
                <thead>
                  <tr>
                    <th>measure</th>
                    <th>first</th>
                    <th>second</th>
                    <th>note</th>
                  </tr>
                </thead>
                <tbody>
                  {shape.measures.map((measure) => (
                    <tr key={measure.name}>
                      <th scope="row">
                        {measure.label} <small>{measure.guidance}</small>
                      </th>
                      <td>{way === "filled" ? cover.measures[measure.name] : ""}</td>
                      <td>{way === "filled" ? cover.secondReadings[measure.name] : ""}</td>
                      <td>{way === "filled" ? cover.notes[measure.name] : ""}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </div>
            <p>Details to keep: {way === "filled" ? cover.notes[""] : ""}</p>
          </section>
        ) : null;
      })}
    </main>
  );
}

const size = { width: 230, height: 150 };

function PaperPicture({ cover, unit }: { cover: Cover; unit: Unit }) {
  const facets = useFoldUp(cover, unit).data?.facets ?? [];
  const points = facets.flatMap((facet) => facet.space.map(([x = 0, y = 0, z = 0]): Space => [x, y, z]));
  return points.length > 0 ? (
    <span className="thing-picture">
      <FoldedPicture
        facets={facets}
        size={size}
        place={fitting(points, size.width, size.height, { x: 10, y: 10 }).place}
      />
    </span>
  ) : null;
}

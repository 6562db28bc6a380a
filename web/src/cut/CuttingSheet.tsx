import { useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import { Link, useParams } from "react-router";
import { api } from "../api/client";
import { Nowhere } from "../app/Nowhere";
import { useCatalogue } from "../bench/useCatalogue";
import { settledSteps, useYardage } from "../bench/useYardage";
import { Notions } from "../cloth/Notions";
import { RollDrawing } from "../cloth/RollDrawing";
import { useHouse } from "../house/useHouse";
import { documentOf, nameOf } from "../jobs/document";
import { isMeasured, shapeOf } from "../measure/shape";
import { Figure } from "../ui/Figure";
import { CutList } from "./CutList";
import "./cut.css";

/** One page for the cutting table: what to cut, its marks, the lay and what to buy. Only complete covers are on it. */
export function CuttingSheet() {
  const { id = "" } = useParams();
  const catalogue = useCatalogue();
  const house = useHouse();
  const job = useQuery({
    queryKey: ["job", id, "sheet"],
    gcTime: 0,
    queryFn: async () => (await api.GET("/api/jobs/{id}", { params: { path: { id } } })).data ?? null,
  });
  const document = useMemo(() => (job.data ? documentOf(job.data) : null), [job.data]);
  const yardage = useYardage({
    document,
    catalogue: catalogue.data,
    houseRules: house.data?.rules,
    drafts: document?.covers.map((entry) => entry.id) ?? [],
    steps: settledSteps,
  }).data;
  if (job.data === null) {
    return <Nowhere text="There is no such job, or it was deleted." />;
  }

  if (!document || !yardage || !catalogue.data) {
    return <main aria-busy="true">Working it out…</main>;
  }

  const complete = document.covers.filter(({ id: key, cover }) => {
    const shape = catalogue.data && shapeOf(catalogue.data, cover);
    return shape && isMeasured(shape, cover) && yardage.covers[key]?.draft;
  });
  const unfinished = document.covers.filter((entry) => !complete.includes(entry));
  const { heading, cloth } = document;
  return (
    <main className="cutting-sheet">
      <nav className="no-print">
        <Link to={`/jobs/${id}`}>← Back to the bench</Link>
        <button type="button" className="header-button" onClick={() => window.print()}>
          Print
        </button>
      </nav>
      <header>
        <div>
          <h1>{heading.name || "Unnamed job"}</h1>
          <p>{[heading.client, heading.place].filter(Boolean).join(", ")}</p>
        </div>
        {yardage.buy && complete.length > 0 && (
          <p className="sheet-buy">
            Buy{" "}
            <strong>
              <Figure text={yardage.buy.figure} /> {yardage.buy.unit}
            </strong>
            <span>
              {cloth.name || "cloth"}, {cloth.width} wide, {yardage.usableWidthShown} {heading.unit} usable
              {cloth.nap === "one-way" ? ", nap one way" : ""}
            </span>
          </p>
        )}
      </header>
      {unfinished.length > 0 && (
        <p className="sheet-warning" role="note">
          Not on this sheet, because unfinished or too wide for the cloth:{" "}
          {unfinished.map((entry) => nameOf(document, entry)).join(", ")}. Nothing can be cut from an
          unfinished cover.
        </p>
      )}
      {complete.map(({ id: key, cover }) => {
        const draft = yardage.covers[key]?.draft;
        return draft ? <CutList key={key} cover={cover} draft={draft} /> : null;
      })}
      {complete.length > 0 && (
        <section className="sheet-lay">
          <h2>Lay, cut end on the left</h2>
          <RollDrawing yardage={yardage} unit={heading.unit} currentId={null} />
          <h2>Buy besides</h2>
          <Notions yardage={yardage} />
          <p className="caution">
            Furniture and bedding fire rules differ by country: loose covers and fillings may need rated cloth
            and a label. Check your local rules and ask the supplier for the certificate.
          </p>
        </section>
      )}
    </main>
  );
}

import { useQueries } from "@tanstack/react-query";
import { Button } from "antd";
import { useEffect } from "react";
import { Link, useParams } from "react-router";
import { clothName, clothOf, documentOf } from "../../model/job/document";
import { closedOf } from "../../model/work/work";
import { useRecordCodes } from "../../queries/job/useRecordCodes";
import { cardsQuery } from "../../queries/work/useSewingCards";
import { useStoredJob } from "../../queries/job/useStoredJob";
import { useWork } from "../../queries/work/useWork";
import { Nowhere } from "../../ui/trouble/Nowhere";
import { RecordLabel } from "./RecordLabel";
import "./closing.css";

/** No other device reaches this computer by that name. */
const isOnlyHere = (host: string) => ["localhost", "127.0.0.1", "[::1]"].includes(host);

/** A sheet of labels, one for every cover of the job, each with the square code of its record. */
export function LabelsPage() {
  const { id = "" } = useParams();
  const job = useStoredJob(id, "labels");
  const work = useWork(id);
  const codes = useRecordCodes(id);
  const covers = job.data?.covers ?? [];
  const cards = useQueries({ queries: covers.map((cover) => cardsQuery(id, cover.id)) });
  useEffect(() => {
    document.title = "Labels";
  }, []);
  if (job.data === null) {
    return <Nowhere text="There is no such job, or it was deleted." />;
  }

  if (!job.data || !work || !codes.data || cards.some(({ data }) => !data)) {
    return <main aria-busy="true">One moment…</main>;
  }

  const stored = documentOf(job.data);
  return (
    <main className="closing">
      <nav className="no-print">
        <Link to={`/jobs/${id}/sewing`}>← All covers</Link>
        <Button onClick={() => window.print()}>Print</Button>
      </nav>
      <h1 className="no-print">Labels of {stored.heading.name || "an unnamed job"}</h1>
      {isOnlyHere(window.location.hostname) && (
        <p className="no-print" role="note">
          The square codes lead to {window.location.origin}, which only this computer opens. To read them with
          another device, open Wrapper by the name your network knows this computer by, and print from there.
        </p>
      )}
      <div className="label-sheet">
        {codes.data.map(({ cover, number, code }) => {
          const sewing = cards
            .map(({ data }) => data)
            .find((data) => data && "cover" in data && data.cover === cover);
          const entry = stored.covers.find((known) => known.id === cover);
          if (!sewing || "problem" in sewing || !entry || number > sewing.count) {
            return null;
          }

          const { batch, care, fire, ...cloth } = clothOf(stored, entry.cover);
          const which = { cover, number };
          return (
            <RecordLabel
              key={`${cover} ${number}`}
              sewing={sewing}
              which={which}
              cloths={[{ name: clothName({ batch, care, fire, ...cloth }), batch, care, fire }]}
              closed={closedOf(work, which)}
              code={code}
            />
          );
        })}
      </div>
    </main>
  );
}

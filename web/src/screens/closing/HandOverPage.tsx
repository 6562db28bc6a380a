import { useEffect, useMemo } from "react";
import { Link, useParams } from "react-router";
import { clothName, clothOf, documentOf, isGiven } from "../../model/job/document";
import { closedOf } from "../../model/work/work";
import { useRecordCodes } from "../../queries/job/useRecordCodes";
import { useSewingCards } from "../../queries/work/useSewingCards";
import { useStoredJob } from "../../queries/job/useStoredJob";
import { useWork } from "../../queries/work/useWork";
import { Nowhere } from "../../ui/trouble/Nowhere";
import { HandOverForm } from "./HandOverForm";
import { HandOverNote } from "./HandOverNote";
import "../../ui/hand.css";
import "./closing.css";

/** A cover is handed over: what its record says, the note for whoever has it, and its label. */
export function HandOverPage() {
  const { id = "", cover = "", number = "1" } = useParams();
  const job = useStoredJob(id, "hand-over");
  const cards = useSewingCards(id, cover);
  const work = useWork(id);
  const codes = useRecordCodes(id);
  useEffect(() => {
    document.title = "Handing over";
  }, []);
  const stored = useMemo(() => (job.data ? documentOf(job.data) : null), [job.data]);
  if (job.data === null) {
    return <Nowhere text="There is no such job, or it was deleted." />;
  }

  if (!stored || !cards.data || !work || !codes.data) {
    return <main aria-busy="true">One moment…</main>;
  }

  const entry = stored.covers.find((known) => known.id === cover);
  if ("problem" in cards.data || !entry) {
    return (
      <Nowhere text={"problem" in cards.data ? cards.data.problem : "This cover was taken off the job."} />
    );
  }

  if (!(Number.parseInt(number, 10) >= 1 && Number.parseInt(number, 10) <= cards.data.count)) {
    return <Nowhere text={`There are ${cards.data.count} of this cover, and no number ${number}.`} />;
  }

  const which = { cover, number: Number.parseInt(number, 10) };
  const closed = closedOf(work, which);
  const cloths = stored.cloths.filter(
    (cloth) =>
      cloth === clothOf(stored, entry.cover) || isGiven(entry.cover, cloth) || cloth.role === "lining",
  );
  return (
    <main className="closing">
      <nav className="no-print">
        <Link to={`/jobs/${id}/sewing`}>← All covers</Link>
        <Link to={`/jobs/${id}/labels`}>All labels</Link>
      </nav>
      <HandOverForm key={closed?.id} job={id} which={which} sewing={cards.data} closed={closed} />
      <HandOverNote
        heading={stored.heading}
        which={which}
        sewing={cards.data}
        cloths={cloths.map((cloth) => ({
          name: clothName(cloth),
          batch: cloth.batch,
          care: cloth.care,
          fire: cloth.fire,
        }))}
        closed={closed}
        code={codes.data.find((code) => code.cover === cover && code.number === which.number)?.code ?? ""}
      />
    </main>
  );
}

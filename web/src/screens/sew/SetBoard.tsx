import { Input } from "antd";
import { useQueries } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Link, useParams } from "react-router";
import { setWorkerHere, workerHere } from "../../model/work/atWork";
import { documentOf, nameOf } from "../../model/job/document";
import { inForce } from "../../model/work/work";
import { cardsQuery } from "../../queries/work/useSewingCards";
import { useStoredJob } from "../../queries/job/useStoredJob";
import { useWork } from "../../queries/work/useWork";
import { useWorkLive } from "../../queries/work/useWorkLive";
import { Nowhere } from "../../ui/trouble/Nowhere";
import { ToldNotes } from "../../ui/checks/ToldNotes";
import { UnreadableWork } from "./UnreadableWork";
import { CoverOnBoard } from "./CoverOnBoard";
import { HouseReckons } from "./HouseReckons";
import "../../ui/hand.css";
import "./board.css";

/** All covers of a job as tiles: cut, sewn, tried on, handed over, and who has which in hand. */
export function SetBoard() {
  const { id = "" } = useParams();
  const job = useStoredJob(id, "sewing", { staleTime: 10_000 });
  const work = useWork(id);
  const [worker, setWorker] = useState(workerHere);
  const covers = job.data?.covers ?? [];
  const cards = useQueries({ queries: covers.map((cover) => cardsQuery(id, cover.id)) });
  useWorkLive(id);
  useEffect(() => {
    document.title = "Cut and sew";
  }, []);
  if (job.data === null) {
    return <Nowhere text="There is no such job, or it was deleted." />;
  }

  if (!job.data || !work) {
    return <main aria-busy="true">Looking how far it is…</main>;
  }

  const stored = documentOf(job.data);
  const { heading } = stored;
  const begun = new Set(inForce(work).flatMap(({ kind, cover }) => (kind === "sewn" ? cover : [])));
  const notBegun = covers.flatMap(({ id: cover }) => (begun.has(cover) ? [] : cover));
  return (
    <main className="set-board">
      <ToldNotes />
      <UnreadableWork job={id} work={work} />
      <header>
        <Link to={`/jobs/${id}`}>← Back to the bench</Link>
        <h1>{heading.name || "Unnamed job"}</h1>
        <label htmlFor="worker">
          Who works here
          <Input
            id="worker"
            value={worker}
            maxLength={60}
            placeholder="a name, for the record"
            onChange={(event) => {
              setWorker(event.target.value);
              setWorkerHere(event.target.value);
            }}
          />
        </label>
        <nav>
          <Link className="hand-button is-first" to={`/jobs/${id}/cutting`}>
            To the cutting table
          </Link>
          <Link className="hand-button" to={`/jobs/${id}/sewing-sheet`}>
            Order on paper
          </Link>
          <Link className="hand-button" to={`/jobs/${id}/sewing-cards`}>
            Cards on paper
          </Link>
          <Link className="hand-button" to={`/jobs/${id}/labels`}>
            Labels
          </Link>
          <a className="hand-button" href="/foot-switch" target="wrapper-foot" rel="opener">
            Foot switch
          </a>
        </nav>
      </header>
      {covers.length === 0 && <p>This job has no cover yet.</p>}
      {covers.map((cover, i) => {
        const data = cards[i]?.data;
        const entry = stored.covers.find((known) => known.id === cover.id);
        const name = entry ? nameOf(stored, entry) : "";
        return data && !("problem" in data) ? (
          <CoverOnBoard
            key={cover.id}
            job={id}
            sewing={data}
            name={name}
            work={work}
            worker={worker}
            notBegun={notBegun}
          />
        ) : (
          <section key={cover.id} className="board-cover">
            <h2>
              <span className="sew-letter">{cover.letter}</span> {name}
            </h2>
            <p role="note">{data ? data.problem : "One moment…"}</p>
          </section>
        );
      })}
      <HouseReckons />
    </main>
  );
}

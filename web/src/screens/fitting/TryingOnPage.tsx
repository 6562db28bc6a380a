import { useEffect } from "react";
import { Link, useParams } from "react-router";
import type { Unit } from "../../api/client";
import { useSewingCards } from "../../queries/work/useSewingCards";
import { useStoredJob } from "../../queries/job/useStoredJob";
import { Nowhere } from "../../ui/trouble/Nowhere";
import { BlocksTrimmed } from "./BlocksTrimmed";
import { WhereItSits } from "./WhereItSits";
import "../../ui/hand.css";
import "./fitting.css";

/** A cover is on the thing: where it does not sit, and what that comes to. */
export function TryingOnPage() {
  const { id = "", cover = "", number = "1" } = useParams();
  const job = useStoredJob(id, "trying-on");
  const cards = useSewingCards(id, cover);
  useEffect(() => {
    document.title = "Trying on";
  }, []);
  if (job.data === null) {
    return <Nowhere text="There is no such job, or it was deleted." />;
  }

  if (!job.data || !cards.data) {
    return <main aria-busy="true">One moment…</main>;
  }

  const which = Number.parseInt(number, 10);
  if ("problem" in cards.data) {
    return <Nowhere text={cards.data.problem} />;
  }

  if (!(which >= 1 && which <= cards.data.count)) {
    return <Nowhere text={`There are ${cards.data.count} of this cover, and no number ${number}.`} />;
  }

  return (
    <main className="fit">
      <header>
        <h1>
          <span className="fit-letter">{cards.data.letter}</span> {cards.data.name}
          {cards.data.count > 1 && `, ${which} of ${cards.data.count}`}: trying on
        </h1>
        <Link className="hand-small" to={`/jobs/${id}/sewing/${cover}/${which}`}>
          To its cards
        </Link>
      </header>
      {cards.data.facets.length > 0 ? (
        <WhereItSits
          key={which}
          job={id}
          cover={cover}
          number={which}
          unit={job.data.unit as Unit}
          sewing={cards.data}
        />
      ) : (
        <BlocksTrimmed
          job={id}
          stored={job.data.covers.find((known) => known.id === cover)?.cover}
          unit={job.data.unit as Unit}
          sewing={cards.data}
          onKept={() => void job.refetch()}
        />
      )}
    </main>
  );
}

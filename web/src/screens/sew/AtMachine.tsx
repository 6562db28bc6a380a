import { useEffect } from "react";
import { Link, useParams } from "react-router";
import { useSewingCards } from "../../queries/work/useSewingCards";
import { useWork } from "../../queries/work/useWork";
import { Nowhere } from "../../ui/trouble/Nowhere";
import { CardsInHand } from "./CardsInHand";
import "../../ui/hand.css";
import "./sew.css";

/** The sewing of one cover, one card at a time. */
export function AtMachine() {
  const { id = "", cover = "", number = "1" } = useParams();
  const cards = useSewingCards(id, cover);
  const work = useWork(id);
  useEffect(() => {
    document.title = "Sewing";
  }, []);
  if (!cards.data || !work) {
    return <main aria-busy="true">Laying the cards out…</main>;
  }

  if ("problem" in cards.data) {
    return (
      <main className="sew-problem">
        <p role="alert">{cards.data.problem}</p>
        <Link to={`/jobs/${id}/sewing`}>To the covers of this job</Link>
      </main>
    );
  }

  const which = Number.parseInt(number, 10);
  if (number !== "all" && !(which >= 1 && which <= cards.data.count)) {
    return <Nowhere text={`There are ${cards.data.count} of this cover, and no number ${number}.`} />;
  }

  return (
    <CardsInHand key={`${cover} ${number}`} job={id} sewing={cards.data} number={which || null} work={work} />
  );
}

import { useQueries } from "@tanstack/react-query";
import { Button } from "antd";
import { useEffect } from "react";
import { Link, useParams } from "react-router";
import type { SewingCards } from "../../api/client";
import { CardPieces } from "../../drawing/pieces/CardPieces";
import { Figure } from "../../drawing/Figure";
import { SoFarPicture } from "../../drawing/folded/SoFarPicture";
import { cardsQuery } from "../../queries/work/useSewingCards";
import { useStoredJob } from "../../queries/job/useStoredJob";
import { Nowhere } from "../../ui/trouble/Nowhere";
import "./paper-cards.css";

/** The sewing cards of a job for paper, cover by cover. */
export function SewingCardsOnPaper() {
  const { id = "" } = useParams();
  const job = useStoredJob(id, "sewing-cards");
  const covers = job.data?.covers ?? [];
  const cards = useQueries({ queries: covers.map((cover) => cardsQuery(id, cover.id)) });
  useEffect(() => {
    document.title = "Sewing cards";
  }, []);
  if (job.data === null) {
    return <Nowhere text="There is no such job, or it was deleted." />;
  }

  if (!job.data || cards.some(({ data }) => !data)) {
    return <main aria-busy="true">Laying the cards out…</main>;
  }

  return (
    <main className="sewing-paper">
      <nav className="no-print">
        <Link to={`/jobs/${id}/sewing`}>← All covers</Link>
        <Button onClick={() => window.print()}>Print</Button>
      </nav>
      {cards.map(({ data }, i) =>
        data && !("problem" in data) ? (
          <CoverOnPaper key={covers[i]?.id} sewing={data} />
        ) : (
          <p key={covers[i]?.id} role="note">
            {data?.problem}
          </p>
        ),
      )}
    </main>
  );
}

function CoverOnPaper({ sewing }: { sewing: SewingCards }) {
  return (
    <section>
      <h1>
        {sewing.letter} {sewing.name}
        {sewing.count > 1 && `, ${sewing.count} alike`}
      </h1>
      <p>
        {[
          "Needles at elastic, blades and hot irons: mind eyes and fingers.",
          ...sewing.closing.cautions,
        ].join(" ")}
      </p>
      {sewing.cards.map((card, i) => {
        const isWhole = card.lit.length === 0 && card.soFar.length > 0 && sewing.facets.length > 0;
        return (
          <article key={card.id} className="sewing-paper-card">
            <span className="sewing-paper-place">{i + 1}</span>
            <div className="sewing-paper-picture">
              {isWhole ? (
                <SoFarPicture facets={sewing.facets} card={card} />
              ) : (
                <CardPieces card={card} pieces={sewing.pieces} letter={sewing.letter} />
              )}
            </div>
            <div className="sewing-paper-words">
              <h2>{card.text}</h2>
              {card.figure && (
                <p className="sewing-paper-figure">
                  <strong>
                    <Figure text={card.figure.shown} />
                  </strong>{" "}
                  {card.figure.unit} {card.figure.of}
                </p>
              )}
              {[...card.hints, ...(card.needs.length > 0 ? [`Needs: ${card.needs.join(", ")}.`] : [])].map(
                (hint) => (
                  <p key={hint}>{hint}</p>
                ),
              )}
              {card.stops.map(({ name, text }) => (
                <p key={name} className="sewing-paper-stop">
                  <i /> {text}
                </p>
              ))}
            </div>
            <div className="sewing-paper-so-far">
              {!isWhole && <SoFarPicture facets={sewing.facets} card={card} />}
              <span>{card.minutes >= 0.5 && `${Math.round(card.minutes)} min`}</span>
            </div>
          </article>
        );
      })}
    </section>
  );
}

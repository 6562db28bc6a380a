import { Button } from "antd";
import { useEffect } from "react";
import { Link, useParams } from "react-router";
import type { ClothCutting, CutCard } from "../../api/client";
import { CutPieceDrawing } from "../../drawing/pieces/CutPieceDrawing";
import { Figure } from "../../drawing/Figure";
import { useCutting } from "../../queries/work/useCutting";
import { Nowhere } from "../../ui/trouble/Nowhere";
import { ChalkWords } from "./ChalkWords";
import "./cards.css";

/** The cut cards of a job for paper: what is still to be cut, in order, two on a page. */
export function CutCardsOnPaper() {
  const { id = "" } = useParams();
  const cutting = useCutting(id, false);
  useEffect(() => {
    document.title = "Cut cards";
  }, []);
  if (cutting.data === null) {
    return <Nowhere text="There is no such job, or it was deleted." />;
  }

  if (!cutting.data) {
    return <main aria-busy="true">Laying the pieces…</main>;
  }

  const { name, cloths } = cutting.data;
  return (
    <main className="paper-cards">
      <nav className="no-print">
        <Link to={`/jobs/${id}/cutting`}>← At the table</Link>
        <Button onClick={() => window.print()}>Print</Button>
      </nav>
      {cloths
        .filter(({ cards }) => cards.length > 0)
        .map((cloth) => (
          <section key={cloth.key}>
            <h1>
              {cloth.name}, {name || "unnamed job"}
            </h1>
            <p>
              {cloth.cards.length} cards, {cloth.lengthShown} of the roll. Straighten the end first: it is
              zero, and all that is counted along the roll is counted from it. Big before small out of one
              part. Blades: mind your fingers.
            </p>
            {cloth.cards.map((card, i) => (
              <PaperCard key={i} card={card} cloth={cloth} place={i + 1} />
            ))}
          </section>
        ))}
      {cloths.every(({ cards }) => cards.length === 0) && <p>There is nothing left to cut.</p>}
    </main>
  );
}

function PaperCard({ card, cloth, place }: { card: CutCard; cloth: ClothCutting; place: number }) {
  const [first] = card.copies;
  return (
    <article className="paper-card">
      <header>
        <h2>
          <strong>{card.code}</strong> {card.name}
        </h2>
        <p>
          {card.coverName}
          {card.quantity > 1 && ` · ${card.copies.length} of ${card.quantity} here`}
          {card.mirrored && " · turned over"}
          {card.folded && " · double, on the folded cloth"}
        </p>
        <p className="paper-place">
          card {place} of {cloth.cards.length}
        </p>
      </header>
      <div className="paper-drawing">
        <CutPieceDrawing card={card} />
      </div>
      <div className="paper-words">
        {first && <ChalkWords card={card} copy={first} wrongSide={false} />}
        {card.copies.length > 1 && (
          <p>
            All alike at{" "}
            {card.copies.map((copy, i) => (
              <span key={copy.copy} className="paper-copy">
                {i > 0 && "; "}
                <b>
                  <Figure text={copy.alongShown} />
                </b>{" "}
                along, <Figure text={copy.acrossShown} /> across
              </span>
            ))}
          </p>
        )}
        {card.cutAcross !== null && <p className="paper-then">Then cut right across at {card.cutAcross}.</p>}
      </div>
      <p className="paper-ticks" aria-hidden="true">
        {card.copies.map((copy) => (
          <i key={copy.copy} />
        ))}
        cut
      </p>
    </article>
  );
}

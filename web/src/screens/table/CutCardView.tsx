import { CutPieceDrawing } from "../../drawing/pieces/CutPieceDrawing";
import { Figure } from "../../drawing/Figure";
import type { CutTurn } from "../../model/work/cutting";
import { ChalkWords, Told } from "./ChalkWords";

interface Props {
  turn: CutTurn;
  turns: CutTurn[];
  wrongSide: boolean;
  /** Nothing of the cloth is cut yet. */
  isFirst: boolean;
}

/** The piece in hand: what to chalk without arithmetic, in the order a hand goes round. */
export function CutCardView({ turn: { card, copy }, turns, wrongSide, isFirst }: Props) {
  const alike = turns.filter((other) => other.card === card && other.copy !== copy);
  const after = turns.find((other) => other.card !== card);
  const isLastAlike = alike.length === 0;
  return (
    <>
      <section className="cut-what">
        <h2>
          <strong>{card.code}</strong> {card.name}
          <small>
            {card.coverName}
            {card.quantity > 1 && ` · ${copy.copy} of ${card.quantity}`}
            {card.mirrored && " · turned over"}
            {card.folded && " · double, on the folded cloth"}
            {card.remnant !== null && ` · from the piece on the shelf, ${card.remnant}`}
          </small>
        </h2>
        <p className="cut-zero">
          zero + <Figure text={copy.alongShown} />
          <small>
            <Figure text={wrongSide ? copy.fromRight : copy.acrossShown} /> from the edge
          </small>
        </p>
      </section>
      <section className="sheet cut-drawing">
        <CutPieceDrawing card={card} />
      </section>
      <section className="cut-words">
        <ChalkWords card={card} copy={copy} wrongSide={wrongSide} />
        {alike.length > 0 && (
          <p>
            {alike.length} more lie alike, at zero +{" "}
            {alike.slice(0, 6).map((other, i) => (
              <span key={other.copy.copy}>
                {i > 0 && ", "}
                <Told text={other.copy.alongShown} />
              </span>
            ))}
            {alike.length > 6 && " …"}
          </p>
        )}
        <p className="cut-then">
          {isFirst && "Blades: mind your fingers. "}
          {isLastAlike && card.cutAcross !== null && <>Then cut right across at {card.cutAcross}. </>}
          {isLastAlike && after && `Next: ${after.card.code} ${after.card.name}.`}
        </p>
      </section>
    </>
  );
}

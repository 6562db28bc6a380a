import { CutPieceDrawing, mostCorners } from "../../drawing/CutPieceDrawing";
import { Figure } from "../../drawing/Figure";
import { marksInOrder, type CutTurn } from "../../model/cutting";

interface Props {
  turn: CutTurn;
  turns: CutTurn[];
  wrongSide: boolean;
}

/** The piece in hand: what to chalk without arithmetic, in the order a hand goes round. */
export function CutCardView({ turn: { card, copy }, turns, wrongSide }: Props) {
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
        <p>
          From the straightened end <Told text={copy.alongShown} />,{" "}
          {wrongSide ? "wrong side up, from the edge on your left " : "from the left edge "}
          <Told text={wrongSide ? copy.fromRight : copy.acrossShown} />. <Told text={card.alongShown} />{" "}
          along, <Told text={card.acrossShown} /> across.
          {card.chalk.radius !== null && (
            <>
              {" "}
              Its middle is half of each in, the chalk <Told text={card.chalk.radius} /> from it.
            </>
          )}
          {card.block && " Rule it into strips on the slant."}
          {card.chalk.corners.length > mostCorners && " Chalk it round its pattern, laid into that box."}
        </p>
        {!card.chalk.box && card.chalk.radius === null && card.chalk.corners.length <= mostCorners && (
          <p>
            Corners, along and across in the box:{" "}
            {card.chalk.corners.map((corner, i) => (
              <span key={i} className="cut-corner-place">
                <i>{i + 1}</i> <Told text={corner.alongShown} />, <Told text={corner.acrossShown} />
                {corner.rise !== null && ` (then a curve, ${corner.rise} out at its middle)`};{" "}
              </span>
            ))}
          </p>
        )}
        {marksInOrder(card.chalk.marks).map(({ corner, marks }) => (
          <p key={corner ?? "inside"}>
            {corner === null ? "Inside: " : <>From corner {corner}: </>}
            {marks.map(({ word, distance }, i) => (
              <span key={i}>
                {i > 0 && ", "}
                {(i === 0 || marks[i - 1]?.word !== word) && `${word} `}
                <Told text={distance} />
              </span>
            ))}
          </p>
        ))}
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
          {isLastAlike && card.cutAcross !== null && <>Then cut right across at {card.cutAcross}. </>}
          {isLastAlike && after && `Next: ${after.card.code} ${after.card.name}.`}
        </p>
      </section>
    </>
  );
}

/** A figure to chalk by, as a tape has it. */
function Told({ text }: { text: string }) {
  return (
    <b>
      <Figure text={text} />
    </b>
  );
}

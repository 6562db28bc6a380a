import type { CutCard } from "../../api/client";
import { mostCorners } from "../../drawing/pieces/CutPieceDrawing";
import { Figure } from "../../drawing/Figure";
import { marksInOrder } from "../../model/work/cutting";

interface Props {
  card: CutCard;
  copy: CutCard["copies"][number];
  wrongSide: boolean;
}

/** What is chalked, in words and figures, in the order a hand goes round: no sum is left to do. */
export function ChalkWords({ card, copy, wrongSide }: Props) {
  return (
    <>
      <p>
        From the straightened end <Told text={copy.alongShown} />,{" "}
        {wrongSide ? "wrong side up, from the edge on your left " : "from the left edge "}
        <Told text={wrongSide ? copy.fromRight : copy.acrossShown} />. <Told text={card.alongShown} /> along,{" "}
        <Told text={card.acrossShown} /> across.
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
    </>
  );
}

/** A figure to chalk by, as a tape has it. */
export function Told({ text }: { text: string }) {
  return (
    <b>
      <Figure text={text} />
    </b>
  );
}

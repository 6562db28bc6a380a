import type { Draft } from "../../api/client";
import { pieceColour } from "../../model/pieces/pieceColours";
import { PieceShape } from "../../drawing/pieces/PieceShape";
import { extentOf } from "../../model/pieces/pieceSize";

interface Props {
  /** The letter of the cover; its pieces are numbered. */
  letter: string;
  name: string;
  /** How many alike. */
  count: string;
  draft: Draft;
}

/** As wide and as high as the largest piece is drawn, in pixels. */
const [widest, highest] = [84, 52];

/** One cover's steps in order: what to do, with which pieces, and what must be seen to first. */
export function SewingSteps({ letter, name, count, draft }: Props) {
  const drawn = draft.pieces.filter((piece) => draft.steps.some((step) => step.pieces.includes(piece.key)));
  const scale = Math.min(
    widest / Math.max(1, ...drawn.map((piece) => extentOf(piece, 0))),
    highest / Math.max(1, ...drawn.map((piece) => extentOf(piece, 1))),
  );
  const minutes = draft.steps.reduce((sum, step) => sum + step.minutes, 0);
  return (
    <section className="sewing-steps">
      <h2>
        <span className="cut-letter">{letter}</span> {name}
        {count !== "1" && `, ${count} alike`}
        <small>
          about {rounded(minutes)} min at the machine{count !== "1" && " for each"}
        </small>
      </h2>
      <ol>
        {draft.steps.map((step, place) => (
          <li key={place}>
            <span className="sewing-place">{place + 1}</span>
            <p>{step.text}</p>
            <span className="sewing-pieces">
              {draft.pieces
                .filter((piece) => step.pieces.includes(piece.key))
                .map((piece) => (
                  <span key={piece.key}>
                    <PieceShape piece={piece} scale={scale} fill={pieceColour(piece.id)} />
                    <strong>
                      {letter}
                      {piece.number}
                    </strong>
                  </span>
                ))}
            </span>
            <span className="sewing-minutes">
              {step.minutes >= 0.5 && `${Math.round(step.minutes)} min`}
              {step.needs.length > 0 && <small>{step.needs.join(", ")}</small>}
            </span>
            {step.stopSign && (
              <p className="sewing-stop" role="note">
                <strong>Stop</strong> {step.stopSign}
              </p>
            )}
          </li>
        ))}
      </ol>
    </section>
  );
}

/** To five minutes: it is no more than an estimate. */
function rounded(minutes: number): number {
  return Math.max(5, 5 * Math.round(minutes / 5));
}

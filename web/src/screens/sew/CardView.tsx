import type { SewingCards, WorkEntry } from "../../api/client";
import { Link } from "react-router";
import { CardPieces } from "../../drawing/pieces/CardPieces";
import { Figure } from "../../drawing/Figure";
import { changedOf } from "../../model/work/board";
import type { CardTurn } from "../../model/work/sewing";
import { SoFar } from "./SoFar";
import { StopToAnswer } from "./StopToAnswer";

interface Props {
  /** Where what is found at the try-on is written down. */
  trying: string;
  sewing: SewingCards;
  turn: CardTurn;
  head: { place: number; of: number; done: number; left: number };
  upNext: CardTurn | null;
  /** It was told to be sewn already. */
  told: WorkEntry | null;
  answered: ReadonlySet<string>;
  /** Somebody wanted to go on before a stop-sign was answered. */
  isAsked: boolean;
  isResting: boolean;
  on: {
    answer: (name: string) => void;
    next: () => void;
    back: () => void;
    hold: () => void;
    undo: () => void;
  };
}

/** What is said of a thing that is done and is not sewn. */
const doneWords: Record<string, string> = {
  mark: "Marked",
  turn: "Turned",
  "try-on": "Tried on",
  fill: "Filled",
  trim: "Trimmed",
  thread: "Threaded",
  press: "Pressed",
  pocket: "Pinned",
  label: "Basted on",
};

/** One thing to do: the edges on the pieces, the cover so far, one sentence, one number, what to see to first. */
export function CardView({
  trying,
  sewing,
  turn,
  head,
  upNext,
  told,
  answered,
  isAsked,
  isResting,
  on,
}: Props) {
  const { card, number, mend } = turn;
  const isWhole = card.lit.length === 0 && card.soFar.length > 0 && sewing.facets.length > 0;
  const unanswered = told ? [] : card.stops.filter(({ name }) => !answered.has(name));
  return (
    <main className="sew-card">
      <header>
        <h1>
          <span className="sew-letter">{sewing.letter}</span> {sewing.name}
          {sewing.count > 1 && `, ${number} of ${sewing.count}`}
        </h1>
        <p>
          step {head.place + 1} of {head.of}
        </p>
        <p className="sew-time">
          {card.minutes >= 0.5 && <>about {Math.round(card.minutes)} min, </>}
          {Math.round(head.left)} min left
        </p>
        <progress max={head.of} value={head.done} aria-label="Steps done" />
      </header>
      <section className="sheet sew-picture">
        {isWhole ? (
          <SoFar facets={sewing.facets} card={card} note="" />
        ) : (
          <CardPieces card={card} pieces={sewing.pieces} letter={sewing.letter} />
        )}
      </section>
      {!isWhole && (
        <section className={card.soFar.length > 0 ? "sheet sew-so-far" : "sheet sew-so-far is-empty"}>
          <SoFar
            facets={sewing.facets}
            card={card}
            note={card.soFar.length > 0 ? "" : "nothing joined yet"}
          />
        </section>
      )}
      <section className={isWhole ? "sew-words is-wide" : "sew-words"}>
        <p className="sew-text">{card.text}</p>
        {card.figure && (
          <p className="sew-figure">
            <strong>
              <Figure text={card.figure.shown} />
            </strong>
            <span>
              {card.figure.unit} {card.figure.of}
            </span>
          </p>
        )}
        {card.hints.map((hint) => (
          <p key={hint} className="sew-hint">
            {hint}
          </p>
        ))}
        {!told &&
          mend.map((text) => (
            <p key={text} className="sew-changed" role="note">
              {text}
            </p>
          ))}
        {changedOf(sewing, number)
          .filter(({ piece }) => card.pieces.some((inHand) => inHand.piece === piece))
          .map(({ code, copy, text }) => (
            <p key={`${code} ${copy}`} className="sew-changed" role="note">
              {code}, copy {copy}, was cut before it was measured anew. {text}
            </p>
          ))}
        {(card.kind === "try-on" || (card.kind === "trim" && sewing.facets.length === 0)) && (
          <p>
            <Link className="hand-small" to={trying}>
              {card.kind === "trim" ? "Write down what was trimmed" : "It does not sit: say where"}
            </Link>
          </p>
        )}
        {card.needs.length > 0 && <p className="sew-needs">Needs: {card.needs.join(", ")}</p>}
      </section>
      <section className="sew-stops">
        {card.stops.map((stop) => (
          <StopToAnswer
            key={stop.name}
            text={stop.text}
            isAnswered={told !== null || answered.has(stop.name)}
            isAsked={isAsked && unanswered[0]?.name === stop.name}
            onAnswer={() => on.answer(stop.name)}
          />
        ))}
        {told && (
          <p className="sew-told" role="status">
            Sewn already{told.by && ` by ${told.by}`}.{" "}
            <button type="button" className="hand-small" onClick={on.undo}>
              Not sewn after all
            </button>
          </p>
        )}
      </section>
      <footer>
        <button type="button" className="hand-button" onClick={on.back} disabled={head.place === 0}>
          Back
        </button>
        <button type="button" className="hand-button" onClick={on.hold}>
          Pause
        </button>
        <button
          type="button"
          className="hand-button is-first"
          onClick={on.next}
          aria-describedby={unanswered.length > 0 ? "sew-first" : undefined}
        >
          {told ? "Next" : `${doneWords[card.kind] ?? "Sewn"}, next`}
        </button>
        <p className="sew-next" id="sew-first">
          {unanswered.length > 0
            ? "First answer what is boxed in red."
            : upNext
              ? `Next: ${upNext.card.text}`
              : "This is the last card."}
        </p>
      </footer>
      {isResting && (
        <div className="hand-resting" role="dialog" aria-label="Paused">
          <p>Paused. The clock stands still, and this card waits here and on every other device.</p>
          <button type="button" className="hand-button is-first" onClick={on.hold} autoFocus>
            Go on
          </button>
        </div>
      )}
    </main>
  );
}

import { Link } from "react-router";
import type { TryingOn } from "../../api/client";

interface Props {
  answer: TryingOn | { problem: string } | null;
  hasFound: boolean;
  /** It is being worked out: the answer is that of the figures before. */
  isWorking: boolean;
  isKept: boolean;
  /** It was found when this page was open before, and is not in the record yet. */
  isFromBefore: boolean;
  /** Why it could not be kept; null for no reason. */
  problem: string | null;
  /** Where its cards are. */
  cards: string;
}

/** What the findings come to: what to unpick, what to sew how far from the edge, what to cut again, and the rest of the set. */
export function ComesTo({ answer, hasFound, isWorking, isKept, isFromBefore, problem, cards }: Props) {
  if (!answer) {
    return null;
  }

  if ("problem" in answer) {
    return (
      <section className="sheet fit-comes-to">
        <p role="alert">{answer.problem}</p>
      </section>
    );
  }

  const unpick = answer.lines.filter(({ mend }) => mend === "unpick");
  const ends = answer.lines.filter(({ mend }) => mend === "open-end" || mend === "sew-on");
  const sew = answer.lines.filter(({ mend }) => mend === "sew");
  return (
    <section className="sheet fit-comes-to" aria-label="What it comes to">
      {answer.checks.map(({ text }) => (
        <p key={text} className="fit-check" role="note">
          {text}
        </p>
      ))}
      {problem && <p role="alert">{problem}</p>}
      {hasFound && isFromBefore && (
        <p role="status">Found here before, and not in the record yet: keep it, or set it back to 0.</p>
      )}
      {hasFound && (
        <>
          <Lines title="First unpick" lines={unpick.map(({ text }) => text)} />
          <Lines title="Cut again" lines={answer.again.map(({ code, name }) => `${code}, ${name}`)} />
          <Lines title="At the ends" lines={ends.map(({ text }) => text)} />
          <Lines title="Then sew" lines={sew.map(({ text }) => text)} />
          {!isWorking && answer.lines.length === 0 && answer.again.length === 0 && (
            <p>Nothing of this one is cut or sewn that it changes.</p>
          )}
          {answer.notCut.length > 0 && (
            <Lines
              title="Not cut yet, and cut so"
              lines={[[...new Set(answer.notCut.map(({ code, name }) => `${code} ${name}`))].join(", ")]}
            />
          )}
          <Lines title="The rest" lines={restOf(answer.others)} />
        </>
      )}
      {isKept && (
        <p role="status" className="fit-kept">
          Kept, and in the record. <Link to={cards}>Its cards say what to do.</Link>
        </p>
      )}
      {!hasFound && !isKept && (
        <p className="fit-hint">
          Put it on, right side in or out as it is sewn. Pin where it is loose, and say here how far the pins
          stand in: on each layer, not both together. If it sits, tick the card.
        </p>
      )}
      {answer.before.length > 0 && (
        <Lines
          title="Found before"
          lines={answer.before.map(
            ({ at, by, text }) => `${text} ${new Date(at).toLocaleDateString()}${by && `, ${by}`}`,
          )}
        />
      )}
    </section>
  );
}

/** The rest of the set, those alike in one line: “4, 5, 6: not cut yet.” */
function restOf(others: TryingOn["others"]): string[] {
  const texts = [...new Set(others.map(({ text }) => text))];
  return texts.map((text) => {
    const alike = others.filter((other) => other.text === text).map(({ number }) => number);
    return `${alike.join(", ")}: ${text}`;
  });
}

function Lines({ title, lines }: { title: string; lines: string[] }) {
  return lines.length === 0 ? null : (
    <>
      <h2>{title}</h2>
      <ul>
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
    </>
  );
}

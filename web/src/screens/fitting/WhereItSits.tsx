import { useState } from "react";
import type { SewingCards, Unit } from "../../api/client";
import { TriedPicture } from "../../drawing/folded/TriedPicture";
import { workerHere } from "../../model/work/atWork";
import { foundOf, sideTouched } from "../../model/work/fitting";
import { keepHere, useFoundHere, type FoundHere } from "../../queries/saving/foundHere";
import { useKeepFound, useTryingOn } from "../../queries/work/useTryingOn";
import { ComesTo } from "./ComesTo";
import { HowFar } from "./HowFar";

interface Props {
  job: string;
  cover: string;
  number: number;
  unit: Unit;
  sewing: SewingCards;
}

/** What stays while figures change: the sides, where each seam lies, and the copies that are not seen on the thing. */
interface Known {
  seams: Map<string, string[]>;
  sides: { side: string; name: string }[];
  within: ReadonlySet<string>;
}

/** The places to touch, how far each is moved, and what that comes to; it begins with what was found here before. */
export function WhereItSits(props: Props) {
  const before = useFoundHere(props, props.unit);
  return before === undefined ? (
    <p aria-busy="true">One moment…</p>
  ) : (
    <SeamsToMove {...props} before={before} />
  );
}

function SeamsToMove({ job, cover, number, unit, sewing, before }: Props & { before: FoundHere | null }) {
  const [{ moves, isCarried }, setHere] = useState<FoundHere>(before ?? { moves: {}, isCarried: true });
  const [side, setSide] = useState(() => Object.keys(before?.moves ?? {})[0] ?? "");
  const [kept, setKept] = useState(false);
  const say = (here: FoundHere) => {
    keepHere({ job, cover, number }, unit, here);
    setHere(here);
  };
  const found = { number, found: foundOf(moves, unit), carried: isCarried || sewing.count === 1 };
  const { data: answer, isPlaceholderData: isWorking } = useTryingOn(job, cover, found);
  const keep = useKeepFound(job, cover);
  const [known, setKnown] = useState<Known>();
  if (answer && !("problem" in answer) && !known) {
    setKnown({
      seams: new Map(answer.seams.map((seam) => [seam.seam, seam.sides])),
      sides: answer.sides,
      within: new Set(answer.within.map(({ piece, copy }) => `${piece} ${copy}`)),
    });
  }

  if (!known) {
    return answer && "problem" in answer ? (
      <p role="alert" className="fit-problem">
        {answer.problem}
      </p>
    ) : (
      <p aria-busy="true">One moment…</p>
    );
  }

  const seamsAt = (sides: string[]) =>
    new Set([...known.seams].filter(([, at]) => at.some((one) => sides.includes(one))).map(([seam]) => seam));
  const touch = (seam: string) => {
    const next = sideTouched(
      known.seams.get(seam) ?? [],
      known.sides.map((one) => one.side),
      side,
    );
    if (next) {
      setSide(next);
    }
  };
  const move = (by: number) => {
    say({ isCarried, moves: { ...moves, [side]: (moves[side] ?? 0) + by } });
    setKept(false);
  };
  const keepIt = async () => {
    if (!answer || "problem" in answer) {
      return;
    }

    const result = await keep.mutateAsync({ ...found, version: answer.version, by: workerHere() });
    if (!("problem" in result)) {
      say({ isCarried, moves: {} });
      setKept(true);
    }
  };
  return (
    <div className="fit-bench">
      <section className="sheet fit-picture">
        <TriedPicture
          facets={sewing.facets.filter(({ piece, copy }) => !known.within.has(`${piece} ${copy}`))}
          lit={seamsAt([side])}
          found={seamsAt(Object.keys(moves).filter((one) => moves[one] !== 0))}
          onTouch={touch}
        />
        <p>Touch the seam, or say the side.</p>
      </section>
      <section className="fit-say">
        <HowFar sides={known.sides} side={side} moves={moves} unit={unit} onSide={setSide} onMove={move} />
        {sewing.count > 1 && (
          <div className="fit-whom" role="radiogroup" aria-label="For whom">
            <button
              type="button"
              role="radio"
              aria-checked={isCarried}
              onClick={() => say({ moves, isCarried: true })}
            >
              This one and the rest of the {sewing.count}
            </button>
            <button
              type="button"
              role="radio"
              aria-checked={!isCarried}
              onClick={() => say({ moves, isCarried: false })}
            >
              This one only
            </button>
          </div>
        )}
        <button
          type="button"
          className="hand-button is-first"
          disabled={found.found.length === 0 || keep.isPending || !answer || "problem" in answer}
          onClick={() => void keepIt()}
        >
          {found.carried && sewing.count > 1 ? "Keep, and correct the rest" : "Keep"}
        </button>
      </section>
      <ComesTo
        answer={answer ?? null}
        hasFound={found.found.length > 0}
        isWorking={isWorking}
        isKept={kept}
        isFromBefore={before !== null && !kept}
        problem={keep.data && "problem" in keep.data ? keep.data.problem : null}
        cards={`/jobs/${job}/sewing/${cover}/${number}`}
      />
    </div>
  );
}

import { useState } from "react";
import { Link } from "react-router";
import type { SewingCards, WorkEntry } from "../../api/client";
import { workerHere } from "../../model/work/atWork";
import { minutesLeft, nextTurn, toldOf, turnsOf } from "../../model/work/sewing";
import { told as tellOf } from "../../model/work/work";
import { useWorkLive, type Pedal } from "../../queries/work/useWorkLive";
import { tell } from "../../queries/saving/workOutbox";
import { ToldNotes } from "../../ui/checks/ToldNotes";
import { useCardKeys } from "../../ui/hooks/useCardKeys";
import { useStopwatch } from "../../ui/hooks/useStopwatch";
import { useWakeLock } from "../../ui/hooks/useWakeLock";
import { AllSewn } from "./AllSewn";
import { CardView } from "./CardView";

interface Props {
  job: string;
  sewing: SewingCards;
  /** Which of the covers alike; null for all of them together. */
  number: number | null;
  work: WorkEntry[];
}

/** The cards of a cover: the one in hand stays until the maker says so, whatever is told elsewhere meanwhile. */
export function CardsInHand({ job, sewing, number, work }: Props) {
  const turns = turnsOf(sewing, number);
  const told = toldOf(turns, sewing.cover, work);
  const [place, setPlace] = useState(() => nextTurn(told));
  const [answered, setAnswered] = useState<ReadonlySet<string>>(new Set());
  const [resting, setResting] = useState(false);
  const [asked, setAsked] = useState(false);
  const turn = turns[place];
  const before = told[place] ?? null;
  const minutes = useStopwatch(`${place}`, resting);
  useWakeLock(!resting && turn !== undefined);

  const go = (to: number) => {
    setPlace(Math.max(0, Math.min(turns.length, to)));
    setAnswered(new Set());
    setAsked(false);
  };
  const unanswered = before ? [] : (turn?.card.stops ?? []).filter(({ name }) => !answered.has(name));
  const onward = (entries: (WorkEntry | null)[]) => {
    const next = entries.findIndex((entry, i) => i > place && !entry);
    go(next < 0 ? nextTurn(entries) : next);
  };
  const next = () => {
    if (resting) {
      setResting(false);
    } else if (!turn || before) {
      onward(told);
    } else if (unanswered.length > 0) {
      setAsked(true);
    } else {
      const entry = tellOf("sewn", workerHere(), {
        cover: sewing.cover,
        number: turn.number,
        subject: turn.card.id,
        minutes: Math.round(minutes() * 100) / 100,
        pace: turn.card.pace,
        schools: sewing.schools,
      });
      tell(job, entry);
      onward(told.map((known, i) => (i === place ? entry : known)));
    }
  };
  const answer = (name: string) => setAnswered((known) => new Set([...known, name]));
  const hold = () => {
    const [first] = unanswered;
    if (asked && first) {
      answer(first.name);
    } else {
      setResting((rests) => !rests);
    }
  };
  const press = (pedal: Pedal) => ({ next, back: () => go(place - 1), hold })[pedal]();
  useCardKeys(press);
  useWorkLive(job, press);

  if (!turn) {
    return <AllSewn job={job} sewing={sewing} number={number} onBack={() => go(turns.length - 1)} />;
  }

  return (
    <>
      <ToldNotes />
      <CardView
        trying={`/jobs/${job}/trying-on/${sewing.cover}/${turn.number}`}
        sewing={sewing}
        turn={turn}
        head={{
          place,
          of: turns.length,
          done: told.filter(Boolean).length,
          left: minutesLeft(turns, told),
        }}
        upNext={turns.find((_, i) => i > place && !told[i]) ?? null}
        told={before}
        answered={answered}
        isAsked={asked}
        isResting={resting}
        on={{
          answer,
          next,
          back: () => go(place - 1),
          hold: () => setResting((rests) => !rests),
          undo: () => before && tell(job, tellOf("undone", workerHere(), { subject: before.id })),
        }}
      />
      <Link className="hand-away" to={`/jobs/${job}/sewing`}>
        ← All covers
      </Link>
    </>
  );
}

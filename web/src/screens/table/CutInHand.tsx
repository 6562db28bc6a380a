import { useQueryClient } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { Link } from "react-router";
import type { ClothCutting, WorkEntry } from "../../api/client";
import { CutRoll } from "../../drawing/pieces/CutRoll";
import { workerHere } from "../../model/work/atWork";
import { cutEntry, cutOfCloth, layEntry, turnsLeft } from "../../model/work/cutting";
import { told } from "../../model/work/work";
import { useWorkLive, type Pedal } from "../../queries/work/useWorkLive";
import { tell } from "../../queries/saving/workOutbox";
import { ToldNotes } from "../../ui/checks/ToldNotes";
import { useCardKeys } from "../../ui/hooks/useCardKeys";
import { useStopwatch } from "../../ui/hooks/useStopwatch";
import { useWakeLock } from "../../ui/hooks/useWakeLock";
import { ClothCut } from "./ClothCut";
import { CutCardView } from "./CutCardView";
import { LookingBack } from "./LookingBack";
import { TableHead } from "./TableHead";
import { Trouble } from "./Trouble";
import { WrongPanel } from "./WrongPanel";

interface Props {
  job: string;
  /** What the job is called. */
  jobName: string;
  unit: string;
  cloth: ClothCutting;
  work: WorkEntry[];
  /** The lay is being worked out again. */
  isWorking: boolean;
  wrongSide: boolean;
  onWrongSide: (wrongSide: boolean) => void;
  cloths: { key: string; name: string }[];
  onCloth: (key: string) => void;
  /** Another cloth of which something is still to be cut. */
  nextCloth: { key: string; name: string } | null;
}

/** One cloth at the table: the piece in hand, what was cut, and what went wrong. */
export function CutInHand(props: Props) {
  const { job, unit, cloth, work, isWorking, wrongSide } = props;
  const queries = useQueryClient();
  const turns = turnsLeft(cloth, work);
  const cut = cutOfCloth(cloth, work);
  const [back, setBack] = useState(0);
  const [isWrong, setIsWrong] = useState(false);
  const [resting, setResting] = useState(false);
  const toldLay = useRef<ClothCutting["lay"] | null>(null);
  const [now] = turns;
  const minutes = useStopwatch(now ? `${now.card.code} ${now.copy.copy}` : "", resting);
  useWakeLock(now !== undefined && !resting);

  const say = (...entries: WorkEntry[]) => {
    const isLayTold = cloth.told || toldLay.current === cloth.lay;
    tell(job, ...(isLayTold ? entries : [layEntry(cloth, workerHere()), ...entries]));
    toldLay.current = cloth.lay;
  };
  /** Something changes what is still to be cut: it is laid again before anything else is chalked. */
  const change = (...entries: WorkEntry[]) => {
    say(...entries);
    setIsWrong(false);
    setBack(0);
    void queries.invalidateQueries({ queryKey: ["cutting", job] });
  };
  const next = () => {
    if (resting) {
      setResting(false);
    } else if (back > 0) {
      setBack(back - 1);
    } else if (now && !isWorking && !isWrong) {
      say(cutEntry(cloth, now, workerHere(), minutes()));
    }
  };
  const press = (pedal: Pedal) =>
    ({
      next,
      back: () => setBack((before) => Math.min(before + 1, cut.length)),
      hold: () => setResting((rests) => !rests),
    })[pedal]();
  useCardKeys(press);
  useWorkLive(job, press);
  const looked = cut[back - 1];
  return (
    <main className="cut-card">
      <ToldNotes />
      <TableHead {...props} left={turns.length} done={cut.length} />
      <section className="sheet cut-so-far">
        <CutRoll cloth={cloth} turns={looked ? [] : turns} cut={cut} wrongSide={wrongSide} />
      </section>
      {cloth.trouble.length > 0 && (
        <Trouble cloth={cloth} cut={cut} onSpoiled={(entry) => change(spoiled(entry))} />
      )}
      {(isWorking || (cloth.relaid && !cloth.told)) && (
        <p className="cut-working" role="status">
          {isWorking
            ? "Laying what is left again…"
            : `Laid again on what is left: it takes ${cloth.lengthShown} now. ` +
              "Is there less cloth than that? Then say so under “Something is wrong”."}
        </p>
      )}
      {looked ? (
        <LookingBack
          entry={looked}
          code={
            cloth.cut.find(({ piece, cover }) => piece === looked.subject && cover === looked.cover)?.code ??
            ""
          }
          onUndo={() => change(told("undone", workerHere(), { subject: looked.id }))}
          onSpoiled={() => change(spoiled(looked))}
          onForward={() => setBack(back - 1)}
        />
      ) : now ? (
        <CutCardView turn={now} turns={turns} wrongSide={wrongSide} isFirst={cloth.cut.length === 0} />
      ) : (
        <ClothCut
          job={job}
          name={props.jobName}
          cloth={cloth}
          next={props.nextCloth}
          onCloth={props.onCloth}
        />
      )}
      {isWrong && (
        <WrongPanel
          unit={unit}
          cloth={cloth}
          now={now ?? null}
          onTell={change}
          onSpoiledNow={() => {
            if (now) {
              const entry = cutEntry(cloth, now, workerHere(), 0);
              change(entry, spoiled(entry));
            }
          }}
          onClose={() => setIsWrong(false)}
        />
      )}
      <footer>
        <button
          type="button"
          className="hand-button"
          onClick={() => press("back")}
          disabled={cut.length <= back}
        >
          Back
        </button>
        <button
          type="button"
          className="hand-button"
          onClick={() => setIsWrong(!isWrong)}
          aria-expanded={isWrong}
        >
          Something is wrong…
        </button>
        {(now ?? looked) && (
          <button
            type="button"
            className="hand-button is-first"
            onClick={next}
            disabled={!looked && isWorking}
          >
            {looked ? "Forward" : "Cut, next"}
          </button>
        )}
      </footer>
      {resting && (
        <div className="hand-resting" role="dialog" aria-label="Paused">
          <p>Paused. The clock stands still, and the table waits here and on every other device.</p>
          <button type="button" className="hand-button is-first" onClick={() => setResting(false)} autoFocus>
            Go on
          </button>
        </div>
      )}
      <Link className="hand-away" to={`/jobs/${job}/sewing`}>
        ← The job
      </Link>
    </main>
  );
}

const spoiled = ({ cover, number, subject }: WorkEntry) =>
  told("spoiled", workerHere(), { cover, number, subject });

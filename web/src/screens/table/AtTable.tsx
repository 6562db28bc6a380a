import { useEffect, useState } from "react";
import { Link, useParams } from "react-router";
import { useAway, type ClothCutting, type WorkEntry } from "../../api/client";
import { isOutdated, isUnsafe, turnsLeft } from "../../model/work/cutting";
import { useCutting } from "../../queries/work/useCutting";
import { useWork } from "../../queries/work/useWork";
import { Nowhere } from "../../ui/trouble/Nowhere";
import { CutInHand } from "./CutInHand";
import "../../ui/hand.css";
import "./table.css";

/** The cutting of a job at the table, cloth by cloth, one piece at a time. */
export function AtTable() {
  const { id = "" } = useParams();
  const [wrongSide, setWrongSide] = useState(false);
  const cutting = useCutting(id, wrongSide);
  const work = useWork(id);
  const { away } = useAway();
  useEffect(() => {
    document.title = "Cutting";
  }, []);
  if (cutting.data === null) {
    return <Nowhere text="There is no such job, or it was deleted." />;
  }

  if (!cutting.data || !work) {
    return <main aria-busy="true">Laying the pieces…</main>;
  }

  const cloths = cutting.data.cloths.filter(({ cards, cut }) => cards.length > 0 || cut.length > 0);
  if (cloths.length === 0) {
    return (
      <main className="table-nothing">
        <h1>Nothing can be cut yet.</h1>
        <p>Only a cover whose measures are all taken can be cut, on a cloth it fits.</p>
        {cutting.data.cloths
          .flatMap(({ checks }) => checks)
          .map(({ text }) => (
            <p key={text}>{text}</p>
          ))}
        <p>
          <Link className="hand-button is-first" to={`/jobs/${id}`}>
            To the bench
          </Link>{" "}
          <Link className="hand-button" to={`/jobs/${id}/cutting-sheet`}>
            On paper
          </Link>
        </p>
      </main>
    );
  }

  const { entries, unit, name } = cutting.data;
  return (
    <ClothOnTable
      job={id}
      unit={unit}
      cloths={cloths}
      work={work}
      jobName={name}
      isWorking={away ? isUnsafe(entries, work) : isOutdated(entries, work)}
      wrongSide={wrongSide}
      onWrongSide={setWrongSide}
    />
  );
}

interface Props {
  job: string;
  jobName: string;
  unit: string;
  cloths: ClothCutting[];
  work: WorkEntry[];
  isWorking: boolean;
  wrongSide: boolean;
  onWrongSide: (wrongSide: boolean) => void;
}

/** The cloth that lies on the table: the first that is not cut through, and it stays until another is taken. */
function ClothOnTable({ cloths, ...rest }: Props) {
  const toCut = () => cloths.find((one) => turnsLeft(one, rest.work).length > 0) ?? cloths[0];
  const [chosen, setChosen] = useState(() => toCut()?.key);
  const cloth = cloths.find(({ key }) => key === chosen) ?? cloths[0];
  const next = toCut();
  return cloth ? (
    <CutInHand
      key={cloth.key}
      {...rest}
      cloth={cloth}
      cloths={cloths.map(({ key, name }) => ({ key, name }))}
      nextCloth={next && next !== cloth ? { key: next.key, name: next.name } : null}
      onCloth={setChosen}
    />
  ) : null;
}

import { useEffect, useState } from "react";
import { Link, useParams } from "react-router";
import { useAway } from "../../api/client";
import { isOutdated, isUnsafe, turnsLeft } from "../../model/cutting";
import { useCutting } from "../../queries/useCutting";
import { useWork } from "../../queries/useWork";
import { Nowhere } from "../../ui/Nowhere";
import { CutInHand } from "./CutInHand";
import "../../ui/hand.css";
import "./table.css";

/** The cutting of a job at the table, cloth by cloth, one piece at a time. */
export function AtTable() {
  const { id = "" } = useParams();
  const [wrongSide, setWrongSide] = useState(false);
  const [chosen, setChosen] = useState<string | null>(null);
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
  const next = cloths.find((cloth) => turnsLeft(cloth, work).length > 0);
  const cloth = cloths.find(({ key }) => key === chosen) ?? next ?? cloths[0];
  if (!cloth) {
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

  return (
    <CutInHand
      key={cloth.key}
      job={id}
      unit={cutting.data.unit}
      cloth={cloth}
      work={work}
      isWorking={away ? isUnsafe(cutting.data.entries, work) : isOutdated(cutting.data.entries, work)}
      wrongSide={wrongSide}
      onWrongSide={setWrongSide}
      cloths={cloths.map(({ key, name }) => ({ key, name }))}
      onCloth={setChosen}
    />
  );
}

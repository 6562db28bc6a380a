import { Button } from "antd";
import { Fragment } from "react";
import { Link } from "react-router";
import type { ClothYardage } from "../../queries/figures/useYardage";
import { HandlingOf } from "../../ui/HandlingOf";
import { Notions } from "../../ui/Notions";
import { clothName, coversOn, isForInside, nameOf, piecesFrom } from "../../model/job/document";
import { Figure } from "../../drawing/Figure";
import { CautionsOnPaper } from "./CautionsOnPaper";
import { CutList } from "./CutList";
import { JobOnPaper, type PaperJob } from "./JobOnPaper";
import { LayOnPaper } from "./LayOnPaper";
import { Leftovers } from "./Leftovers";
import "./cut.css";

/** One page for the cutting table: what to cut, its marks, the lay and what to buy. Only complete covers are on it. */
export function CuttingSheet() {
  return <JobOnPaper>{(job) => <Sheet {...job} />}</JobOnPaper>;
}

function Sheet({ id, document, catalogue, cloths, letters, complete, unfinished }: PaperJob) {
  const { heading } = document;
  const isLaid = ({ cloth }: ClothYardage) =>
    coversOn(document, cloth).some((on) => complete.some(({ entry }) => entry === on));
  const laid = cloths.filter(isLaid);
  return (
    <main className="cutting-sheet">
      <nav className="no-print">
        <Link to={`/jobs/${id}`}>← Back to the bench</Link>
        <Button onClick={() => window.print()}>Print</Button>
      </nav>
      <header>
        <div>
          <h1>{heading.name || "Unnamed job"}</h1>
          <p>{[heading.client, heading.place].filter(Boolean).join(", ")}</p>
        </div>
        <div>
          {laid.map((one) => (
            <ToBuy key={one.cloth.key} {...one} unit={heading.unit} named={laid.length > 1} />
          ))}
        </div>
      </header>
      {unfinished.length > 0 && (
        <p className="sheet-warning" role="note">
          Not on this sheet, because unfinished or too wide for the cloth:{" "}
          {unfinished.map((entry) => nameOf(document, entry)).join(", ")}. Nothing can be cut from an
          unfinished cover.
        </p>
      )}
      {laid.map(({ cloth, yardage }) => (
        <Fragment key={cloth.key}>
          {(isForInside(cloth) ? [] : coversOn(document, cloth))
            .flatMap((on) => complete.filter(({ entry }) => entry === on))
            .map(({ entry, draft }) => {
              const pieces = piecesFrom(document, entry.cover, draft, cloth);
              return pieces.length > 0 ? (
                <CutList
                  key={entry.id}
                  letter={letters[entry.id] ?? ""}
                  name={nameOf(document, entry)}
                  count={entry.cover.count}
                  from={laid.length > 1 ? clothName(cloth) : ""}
                  draft={draft}
                  pieces={pieces}
                />
              ) : null;
            })}
          {yardage && (
            <section className="sheet-lay">
              <h2>Lay{laid.length > 1 ? ` of ${clothName(cloth)}` : ""}, cut end on the left</h2>
              <HandlingOf cloth={cloth} traits={catalogue.traits} />
              <LayOnPaper yardage={yardage} unit={heading.unit} letters={letters} />
              <Leftovers yardage={yardage} cloth={cloth} job={heading.name || "a job"} />
              {yardage.notions.length > 0 && (
                <>
                  <h2>Buy besides</h2>
                  <Notions yardage={yardage} />
                </>
              )}
            </section>
          )}
        </Fragment>
      ))}
      <CautionsOnPaper of={complete.map(({ draft }) => draft)} />
    </main>
  );
}

/** How much to buy of one cloth. */
function ToBuy({ cloth, yardage, unit, named }: ClothYardage & { unit: string; named: boolean }) {
  return yardage?.buy ? (
    <p className={named ? "sheet-buy several" : "sheet-buy"}>
      Buy{" "}
      <strong>
        <Figure text={yardage.buy.figure} /> {yardage.buy.unit}
      </strong>
      <span>
        {cloth.name || "cloth"}, {cloth.width} wide, {yardage.usableWidthShown} {unit} usable
        {cloth.nap === "one-way" ? ", nap one way" : ""}
        {cloth.batch && `, batch ${cloth.batch}`}
      </span>
      {(cloth.care || cloth.fire) && (
        <span>
          {[cloth.care, cloth.fire && `its label says of fire: ${cloth.fire}`].filter(Boolean).join("; ")}
        </span>
      )}
    </p>
  ) : null;
}

import { TextButton } from "../../../ui/TextButton";
import type { ReactNode } from "react";
import type { Cloth } from "../../../model/cloth/cloth";
import type { Unit, Width, Yardage } from "../../../api/client";
import type { ClothYardage } from "../../../queries/figures/useYardage";
import { isSameWidth, takeWidth } from "../../../model/job/benchCloth";
import type { YardageBody } from "../../../queries/figures/useYardage";
import { OwnFigureField } from "../judgement/OwnFigureField";
import { clothName } from "../../../model/job/document";
import { Figure } from "../../../drawing/Figure";
import { LayFacts } from "./LayFacts";
import { noteOf } from "./widthNotes";
import { WidthPlot } from "./WidthPlot";
import type { Longer } from "../../../queries/figures/useLookLonger";

interface Props {
  yardage: Yardage | null;
  /** The figure is from before the last entry, which cannot be read. */
  stale: boolean;
  widths: Width[];
  /** The other widths are still being worked out. */
  comparing: boolean;
  unit: Unit;
  /** The covers that are not in the figure. */
  leftOut: string[];
  cloth: Cloth;
  /** What the job needs of its other cloths. */
  others: ClothYardage[];
  /** Looking on for a shorter lay; null while there is nothing to look for. */
  longer: Longer | null;
  /** The figure is for the cover on the bench alone. */
  coverOnly: boolean;
  /** The cloths of the job side by side; null where there is one to choose. */
  besideOthers: ReactNode;
  /** What the figure was asked with, for the maker's own to be held against; null while there is nothing to hold it against. */
  asked: YardageBody | null;
}

/** What to buy: the largest figure on the screen, other widths beside it, and what else the job needs. */
export function BuyPanel({
  yardage,
  stale,
  widths,
  comparing,
  unit,
  leftOut,
  cloth,
  others,
  longer,
  coverOnly,
  besideOthers,
  asked,
}: Props) {
  const buy = yardage?.buy;
  return (
    <section className="buy-panel" aria-label="To buy">
      <div className="buy-head">
        <div>
          <span className="buy-heading">
            To buy{coverOnly ? " for this cover alone" : ""}
            {others.length > 0 ? ` of ${clothName(cloth)}` : ""}{" "}
            {yardage?.example && <strong className="example-mark">example</strong>}
            {stale && <strong className="example-mark">before the last entry</strong>}
          </span>
          {buy ? (
            <p className="buy-figure" data-testid="buy">
              <Figure text={buy.figure} /> <span className="buy-unit">{buy.unit}</span>
            </p>
          ) : (
            <p className="buy-none">Nothing to lay yet.</p>
          )}
        </div>
        {buy && (
          <p className="buy-facts">
            {buy.ready === 0 && (unit === "in" ? buy.metres : buy.yards)}
            {buy.cost !== null && (
              <>
                {buy.ready === 0 && " · "}costs {buy.cost.toFixed(2)}
              </>
            )}
            {buy.ready === 0 && (
              <>
                <br />
                On paper {buy.ruleOfThumb}
                {buy.saved && <>: {buy.saved} saved</>}
              </>
            )}
            {buy.matching && (
              <>
                <br />
                Meeting the pattern costs {buy.matching}
              </>
            )}
            {leftOut.length > 0 && !yardage?.example && (
              <>
                <br />
                <strong className="left-out">Without {leftOut.join(", ")}</strong>
              </>
            )}
          </p>
        )}
      </div>
      {yardage && <LayFacts yardage={yardage} longer={longer} />}
      {buy && buy.ready === 0 && asked && (
        <OwnFigureField
          label="I make it"
          placeholder={unit === "in" ? "yards" : "metres"}
          against={{ cover: null, yardage: asked, cloth: null, for: "cloth" }}
        />
      )}
      {others.length > 0 && (
        <ul className="other-cloths" aria-label="To buy of the other cloths">
          {others.map(({ cloth: other, yardage: its }) => (
            <li key={other.key}>
              and{" "}
              {its?.buy && !its.example ? (
                <strong>
                  <Figure text={its.buy.figure} unit={its.buy.unit} />
                </strong>
              ) : (
                "–"
              )}{" "}
              of {clothName(other)}
              {its?.buy?.cost != null && !its.example && `, costs ${its.buy.cost.toFixed(2)}`}
            </li>
          ))}
        </ul>
      )}
      {besideOthers}
      <div className="width-side">
        <table className={comparing ? "widths comparing" : "widths"} aria-busy={comparing}>
          <caption className="visually-hidden">The same job on other widths</caption>
          <tbody>
            {(buy && !stale ? widths : []).map((width) => (
              <tr key={width.name} className={width.marks.length > 0 && !comparing ? "best" : undefined}>
                <th scope="row">
                  <TextButton title="Lay it on this width" onClick={() => takeWidth(cloth, width.name)}>
                    {width.name}
                  </TextButton>
                </th>
                <td className="width-buy">
                  {comparing ? (
                    "…"
                  ) : width.buy ? (
                    <Figure text={width.buy.split(" ")[0] ?? ""} unit={width.buy.split(" ")[1]} />
                  ) : (
                    "–"
                  )}
                </td>
                <td className="width-note">{comparing ? "" : noteOf(width)}</td>
              </tr>
            ))}
          </tbody>
        </table>
        {buy && !stale && !comparing && widths.length > 0 && (
          <div className="width-notes">
            <WidthPlot
              widths={widths}
              current={widths.find(({ name }) => isSameWidth(cloth.width, name))?.name ?? ""}
            />
            {cloth.soldIn.length === 0 && (
              <p>Usual widths. Under “sold in” say which this cloth has, and at what price.</p>
            )}
          </div>
        )}
      </div>
    </section>
  );
}

import type { ReactNode } from "react";
import type { MakeUp, Unit } from "../../../api/client";
import { CoverPicture } from "../../../drawing/things/CoverPicture";
import { Figure } from "../../../drawing/Figure";
import { chooseMakeUp, withMakeUp } from "../../../model/job/chooseMakeUp";
import type { Cover } from "../../../model/cover/cover";
import { running } from "../../../model/pieces/figures";
import { Reasons } from "./Reasons";

interface Props {
  made: MakeUp[];
  cover: Cover;
  unit: Unit;
  houseRules: Record<string, string>;
}

/** In pixels: the column of labels, and the widest a way is written. */
const labels = 62;
const widest = 300;

const picture = { width: 128, height: 72 };

/** The ways of making this very thing side by side, with what speaks for each and against it; a touch chooses. */
export function WaysTable({ made, cover, unit, houseRules }: Props) {
  // What stands in the way of all of them hangs on a measure and is said there.
  const isUnread = made.length > 0 && made.every((one) => one.pieces === null);
  const stands = made.find((one) => one.chosen);
  const row = (label: string, cell: (one: MakeUp) => ReactNode) => (
    <tr>
      <th scope="row">{label}</th>
      {made.map((one) => (
        <td key={one.word} className={one.chosen ? "chosen" : undefined}>
          {cell(one)}
        </td>
      ))}
    </tr>
  );
  return (
    <div className="ways" role="radiogroup" aria-label="Made as">
      <table style={{ maxWidth: labels + made.length * widest }}>
        <thead>
          <tr>
            <td />
            {made.map((one) => (
              <th key={one.word} scope="col" className={one.chosen ? "chosen" : undefined}>
                <button
                  type="button"
                  role="radio"
                  aria-checked={one.chosen}
                  className="way-choose"
                  onClick={() => chooseMakeUp(one)}
                >
                  <CoverPicture
                    cover={withMakeUp(cover, one)}
                    unit={unit}
                    houseRules={houseRules}
                    size={picture}
                    pale={one.pieces === null}
                  />
                  <strong>{one.label}</strong>
                  {one.recommended && <span className="advised">advised</span>}
                </button>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {row("cloth", (one) =>
            one.pieces === null ? (
              <span className="card-problem">
                {isUnread ? "when the measures can be read" : "cannot be made"}
              </span>
            ) : (
              <>
                <strong>{one.buy ? <Figure text={one.buy} /> : "too wide"}</strong>
                {one.cost !== null && ` · ${one.cost.toFixed(2)}`}
                <Difference than={stands} one={one} unit={unit} />
              </>
            ),
          )}
          {row(
            "work",
            (one) =>
              one.pieces !== null && (
                <>
                  <strong>{one.minutesShown}</strong>
                  {(one.seams ?? 0) > 0 && ` · ${one.seamsShown} seam`} · {one.pieces} pieces
                </>
              ),
          )}
          {row("looks", (one) => one.look)}
          {row("goes on", (one) => one.goesOn)}
          {row("washing", (one) => one.washes)}
          {row("suits", (one) => one.suits)}
          {row("for and against", (one) => (
            <>
              {!isUnread && <Problem one={one} />}
              <Reasons one={one} />
            </>
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** How much more or less cloth than the way that is chosen. */
function Difference({ one, than, unit }: { one: MakeUp; than: MakeUp | undefined; unit: Unit }) {
  const more = (one.buyLength ?? 0) - (than?.buyLength ?? 0);
  return one.chosen || one.buyLength === null || than?.buyLength == null || Math.abs(more) < 1 ? null : (
    <span className="way-difference">
      {more > 0 ? "+" : "−"}
      {running(Math.abs(more), unit)}
    </span>
  );
}

function Problem({ one }: { one: MakeUp }) {
  const problem = one.checks.find((check) => check.level === "error");
  return problem ? <span className="card-problem">{problem.text}</span> : null;
}

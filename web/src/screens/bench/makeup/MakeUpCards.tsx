import { useState } from "react";
import type { MakeUp } from "../../../api/client";
import { Figure } from "../../../drawing/Figure";
import { chooseMakeUp } from "../../../model/job/chooseMakeUp";
import { Reasons } from "./Reasons";
import "./cards.css";

/** The ways this very thing can be made, side by side, each with its price in cloth, seam and time; a touch chooses. */
export function MakeUpCards({ made, withReasons }: { made: MakeUp[]; withReasons: boolean }) {
  const [opened, setOpened] = useState<string | null>(null);
  // What stands in the way of all of them hangs on a measure and is said there.
  const isUnread = made.length > 0 && made.every((one) => one.pieces === null);
  return (
    <div className="makeup-cards" role="radiogroup" aria-label="Made as">
      {made.map((one) => {
        const problem = one.checks.find((check) => check.level === "error");
        return (
          <div key={one.word} className={one.chosen ? "makeup-card chosen" : "makeup-card"}>
            <button
              type="button"
              role="radio"
              aria-checked={one.chosen}
              className="card-choose"
              onClick={() => chooseMakeUp(one)}
            >
              <strong>
                {one.label}
                {one.recommended && <span className="advised"> advised</span>}
              </strong>
              {one.pieces === null ? (
                <span className={isUnread ? "card-reason" : "card-problem"}>
                  {isUnread
                    ? "worked out when the measures can be read"
                    : (problem?.text ?? "It cannot be made this way.")}
                </span>
              ) : (
                <span className="card-figures">
                  {one.buy ? <Figure text={one.buy} /> : "too wide for the cloth"}{" "}
                  {(one.seams ?? 0) > 0 ? `· ${one.seamsShown} seam ` : ""}· about {one.minutesShown}
                </span>
              )}
              {withReasons && one.reasons.length > 0 ? (
                <Reasons one={one} />
              ) : (
                one.reason && <span className="card-reason">{one.reason}</span>
              )}
            </button>
            <button
              type="button"
              className="card-more"
              aria-expanded={opened === one.word}
              aria-label={`More about ${one.label}`}
              onClick={() => setOpened(opened === one.word ? null : one.word)}
            >
              {opened === one.word ? "less" : "more"}
            </button>
            {opened === one.word && <CardDetails made={one} />}
          </div>
        );
      })}
    </div>
  );
}

function CardDetails({ made }: { made: MakeUp }) {
  return (
    <div className="card-details">
      <dl>
        <dt>look</dt>
        <dd>{made.look}</dd>
        <dt>goes on</dt>
        <dd>{made.goesOn}</dd>
        <dt>washing</dt>
        <dd>{made.washes}</dd>
        {made.pieces !== null && (
          <>
            <dt>pieces</dt>
            <dd>{made.pieces}</dd>
          </>
        )}
      </dl>
      {made.time.length > 0 && (
        <p>Estimate: {made.time.map((part) => `${part.what} ${Math.round(part.minutes)}`).join(", ")} min.</p>
      )}
    </div>
  );
}

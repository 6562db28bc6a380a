import type { MakeUp, Unit } from "../../../api/client";
import { running } from "../../../model/pieces/figures";
import { chooseMakeUp } from "../../../model/job/chooseMakeUp";

const labels: Record<string, string> = {
  closure: "Closure",
  zipSides: "Zip",
  edge: "Lower edge",
  piping: "Piping",
  layers: "Layers",
  skirt: "Skirt",
  fit: "Fit",
};

/** Closures, edges, trims and fit of the way that is chosen, each with what it adds or saves against how it stands. */
export function DetailChoices({ made, unit }: { made: MakeUp[]; unit: Unit }) {
  const kinds = [...new Set(made.map((one) => one.kind))].filter((kind) => kind !== "construction");
  return (
    <div className="details">
      {kinds.map((kind) => {
        const ways = made.filter((one) => one.kind === kind);
        const stands = ways.find((one) => one.chosen);
        return (
          <div key={kind} className="detail-row" role="radiogroup" aria-label={labels[kind] ?? kind}>
            <span className="rule-label">{labels[kind] ?? kind}</span>
            <span className="detail-ways">
              {ways.map((one) => (
                <button
                  key={one.word}
                  type="button"
                  role="radio"
                  aria-checked={one.chosen}
                  className={one.pieces === null ? "detail impossible" : "detail"}
                  title={[spoken(one), one.checks.find((check) => check.level === "error")?.text]
                    .filter(Boolean)
                    .join(" ")}
                  onClick={() => chooseMakeUp(one)}
                >
                  {one.label}
                  {one.recommended && !one.chosen && <span className="advised">advised</span>}
                  <Change text={one.chosen ? "as it stands" : changeOf(one, stands, unit)} />
                </button>
              ))}
            </span>
          </div>
        );
      })}
    </div>
  );
}

const same = "no more, no less";

function Change({ text }: { text: string }) {
  return <span className={text === same ? "detail-change same" : "detail-change"}>{text}</span>;
}

/** What speaks for it and against it. */
function spoken(one: MakeUp): string {
  return (
    one.reasons.map(({ speaks, text }) => `${speaks === "for" ? "+" : "−"} ${text}.`).join(" ") || one.reason
  );
}

/** What choosing it would change: cloth and minutes, the smaller things left out. */
function changeOf(one: MakeUp, stands: MakeUp | undefined, unit: Unit): string {
  if (one.pieces === null) {
    return "cannot be made";
  }

  const minutes = Math.round(((one.minutes ?? 0) - (stands?.minutes ?? 0)) / 5) * 5;
  const cloth = (one.buyLength ?? 0) - (stands?.buyLength ?? 0);
  const words = [
    Math.abs(cloth) < 1 ? "" : `${cloth > 0 ? "+" : "−"}${running(Math.abs(cloth), unit)} cloth`,
    minutes === 0 ? "" : `${minutes > 0 ? "+" : "−"}${Math.abs(minutes)} min`,
  ].filter(Boolean);
  return words.join(", ") || same;
}

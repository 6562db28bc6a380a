import { Figure } from "../Figure";
import type { Flat } from "../../model/space/projection";

interface Props {
  from: Flat;
  to: Flat;
  /** Where its reading stands. */
  at: Flat;
  size: { width: number; height: number };
  label: string;
  name: string;
  taken: boolean;
  wrong: boolean;
  lit: boolean;
  onAsk: () => void;
}

/** A dimension: a thin line with its reading, or a tape laid along it when it is the measure being taken. */
export function DimensionLine({ from, to, at, size, label, name, taken, wrong, lit, onAsk }: Props) {
  const [[ax, ay], [bx, by]] = [from, to];
  const length = Math.hypot(bx - ax, by - ay);
  const angle = (Math.atan2(by - ay, bx - ax) * 180) / Math.PI;
  const ticks = Math.max(2, Math.floor(length / 7));
  const state = wrong ? "wrong" : taken ? "taken" : "asked";
  return (
    <>
      <svg className="dimension" width={size.width} height={size.height} aria-hidden="true">
        {lit ? (
          <g transform={`translate(${ax} ${ay}) rotate(${angle})`}>
            <rect className="tape" x={0} y={-7} width={length} height={14} />
            {Array.from({ length: ticks - 1 }, (_, i) => {
              const x = ((i + 1) * length) / ticks;
              return <line key={i} className="tape-tick" x1={x} x2={x} y1={-7} y2={i % 4 === 3 ? 1 : -3} />;
            })}
          </g>
        ) : (
          <g className={taken ? "dimension-line" : "dimension-line pale"}>
            <line x1={ax} y1={ay} x2={bx} y2={by} />
            <circle cx={ax} cy={ay} r={3} />
            <circle cx={bx} cy={by} r={3} />
          </g>
        )}
      </svg>
      <button
        type="button"
        className={`reading ${state}${lit ? " lit" : ""}`}
        style={{ left: at[0], top: at[1] }}
        aria-label={`${name}: ${taken ? label : "not taken"}`}
        aria-pressed={lit}
        onClick={onAsk}
      >
        {taken || wrong ? <Figure text={label} /> : "?"}
      </button>
    </>
  );
}

import { Figure } from "../ui/Figure";
import type { Flat } from "./projection";

interface Props {
  from: Flat;
  to: Flat;
  /** How far the line stands off the thing, in pixels. */
  off: Flat;
  size: { width: number; height: number };
  label: string;
  name: string;
  taken: boolean;
  wrong: boolean;
  lit: boolean;
  onAsk: () => void;
}

/** A dimension: a thin line with its reading, or a tape laid along it when it is the measure being taken. */
export function DimensionLine({ from, to, off, size, label, name, taken, wrong, lit, onAsk }: Props) {
  const [ax, ay] = [from[0] + off[0], from[1] + off[1]];
  const [bx, by] = [to[0] + off[0], to[1] + off[1]];
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
        style={{
          left: clamp((ax + bx) / 2, 36, size.width - 36),
          top: clamp((ay + by) / 2, 17, size.height - 17),
        }}
        aria-label={`${name}: ${taken ? label : "not taken"}`}
        aria-pressed={lit}
        onClick={onAsk}
      >
        {taken || wrong ? <Figure text={label} /> : "?"}
      </button>
    </>
  );
}

function clamp(value: number, least: number, most: number): number {
  return Math.max(least, Math.min(most, value));
}

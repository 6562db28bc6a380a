import { useId } from "react";
import { useSize } from "../ui/useSize";
import { dimensions, plan, raised, type Cushion } from "./cushion";
import { DimensionLines } from "./DimensionLines";
import type { Reading } from "./ThingDrawing";
import { fitting, type Flat, type Space } from "./projection";
import "./drawing.css";

interface Props {
  cushion: Cushion;
  tapered: boolean;
  /** What each measure reads, or null when it is not taken. */
  readings: Record<string, Reading>;
  lit: string | null;
  piping: string;
  zipTurn: number | null;
  onAsk: (measure: string) => void;
}

const path = (points: Flat[]) => points.map(([x, y]) => `${x.toFixed(1)},${y.toFixed(1)}`).join(" ");

/** The cushion drawn from its own measures, in proportion; a dimension is touched to edit it. */
export function CushionDrawing({ cushion, tapered, readings, lit, piping, zipTurn, onAsk }: Props) {
  const { ref, size } = useSize<HTMLDivElement>({ width: 460, height: 280 });
  const clip = useId();
  const lower = plan(cushion);
  const upper = lower.map((corner) => raised(corner, cushion.thickness)) as typeof lower;
  const { place } = fitting([...lower, ...upper], size.width, size.height, { x: 58, y: 40 });
  const [fl, fr, br] = lower.map(place) as [Flat, Flat, Flat, Flat];
  const top = upper.map(place) as [Flat, Flat, Flat, Flat];
  const faces = { top, front: [fl, fr, top[1], top[0]], side: [fr, br, top[2], top[1]] };
  const example = Object.values(readings).some((reading) => !reading.taken && !reading.wrong);
  return (
    <div className="cushion-drawing" ref={ref}>
      <svg
        width={size.width}
        height={size.height}
        className={example ? "pale" : undefined}
        aria-hidden="true"
      >
        <clipPath id={clip}>
          <polygon points={path(faces.top)} />
          <polygon points={path(faces.front)} />
        </clipPath>
        <polygon className="face-top" points={path(faces.top)} />
        <polygon className="face-front" points={path(faces.front)} />
        <g clipPath={`url(#${clip})`}>
          {stripes(cushion).map((stripe, i) => (
            <polyline key={i} className="stripe" points={path(stripe.map(place))} />
          ))}
        </g>
        <polygon className="face-side" points={path(faces.side)} />
        <polyline className="edge" points={path([top[0], fl, fr, br, top[2]])} />
        <polyline className="edge" points={path([fr, top[1]])} />
        <polygon className={piping === "none" ? "seam" : "piping"} points={path(faces.top)} />
        {piping === "both" && <polyline className="piping" points={path([fl, fr, br])} />}
        {zipTurn !== null && zipTurn > 0 && (
          <polyline className="zip" points={path(zipOnSide(lower, cushion, zipTurn).map(place))} />
        )}
        {fl[1] - top[0][1] > 26 && (
          <text
            className="front-mark"
            x={fl[0] + (fr[0] - fl[0]) / 5}
            y={fl[1] + (fr[1] - fl[1]) / 5 - (fl[1] - top[0][1]) / 2 + 4}
          >
            front
          </text>
        )}
      </svg>
      <DimensionLines
        dimensions={dimensions(cushion, tapered)}
        place={place}
        size={size}
        readings={readings}
        lit={lit}
        onAsk={onAsk}
      />
    </div>
  );
}

/** Ticking stripes that run down the front and on over the top to the back. */
function stripes({ front, depth, thickness }: Cushion): Space[][] {
  const count = 8;
  return Array.from({ length: count }, (_, i) => {
    const x = ((i + 0.5) * front) / count;
    return [
      [x, 0, 0],
      [x, 0, thickness],
      [x, depth, thickness],
    ];
  });
}

/** Where the zip comes round the back corner on to the right side, half way up. */
function zipOnSide(lower: readonly Space[], { thickness }: Cushion, turn: number): Space[] {
  const [, fr, br] = lower as [Space, Space, Space];
  const side = Math.hypot(br[0] - fr[0], br[1] - fr[1]);
  const share = Math.min(turn / side, 1);
  const end: Space = [br[0] + (fr[0] - br[0]) * share, br[1] + (fr[1] - br[1]) * share, thickness / 2];
  return [raised(br, thickness / 2), end];
}

import { useRef, useState, type PointerEvent } from "react";
import type { Unit } from "../../../../api/client";
import { useSize } from "../../../../drawing/useSize";
import { lengthText, middleOf, pathOf, riseTo, type PlanCorner } from "../../../../model/pieces/outlinePlan";
import type { ListRow } from "../../../../model/cover/columns";

interface Props {
  corners: PlanCorner[];
  unit: Unit;
  lit: number | null;
  /** The corners follow from distances off a base line, which is drawn, and are not dragged. */
  isOffBaseline: boolean;
  onTake: (at: number) => void;
  onMove: (at: number, change: ListRow) => void;
}

type Point = [number, number];

interface Drag {
  at: number;
  kind: "corner" | "middle";
}

const margin = 30;

/** The outline as it is typed, seen from above with the front below: a corner is dragged, an edge bulged by its middle. */
export function OutlinePlan({ corners, unit, lit, isOffBaseline, onTake, onMove }: Props) {
  const { ref, size } = useSize<HTMLDivElement>({ width: 400, height: 300 });
  const drag = useRef<Drag | null>(null);
  // While something is dragged the page keeps its scale: what runs away from a hand cannot be placed.
  const [held, setHeld] = useState<ReturnType<typeof fit> | null>(null);
  const view = held ?? fit(corners, size, isOffBaseline);
  const place = ([x, y]: Point): Point => [view.left + x * view.scale, view.bottom - y * view.scale];
  const move = (event: PointerEvent<SVGSVGElement>) => {
    const moved = drag.current;
    if (!moved) {
      return;
    }

    const box = event.currentTarget.getBoundingClientRect();
    const to: Point = [
      (event.clientX - box.left - view.left) / view.scale,
      (view.bottom - (event.clientY - box.top)) / view.scale,
    ];
    onMove(
      moved.at,
      moved.kind === "corner"
        ? { x: lengthText(to[0], unit), y: lengthText(to[1], unit) }
        : { rise: lengthText(riseTo(corners, moved.at, to), unit) },
    );
  };
  const handle = (at: number, kind: Drag["kind"], point: Point) => {
    const [x, y] = place(point);
    const isLit = at === lit && kind === "corner";
    return (
      <g
        key={`${kind}.${at}`}
        className={`plan-handle ${kind} ${isLit ? "lit" : ""}`}
        data-handle={`${kind} ${at + 1}`}
        onPointerDown={(event) => {
          onTake(at);
          if (!isOffBaseline) {
            event.preventDefault();
            event.currentTarget.ownerSVGElement?.setPointerCapture(event.pointerId);
            drag.current = { at, kind };
            setHeld(view);
          }
        }}
      >
        <circle className="plan-touch" cx={x} cy={y} r={14} />
        <circle className="plan-dot" cx={x} cy={y} r={isLit ? 7 : kind === "corner" ? 5 : 4} />
        {kind === "corner" && (
          <text x={x} y={y - 11}>
            {at + 1}
          </text>
        )}
      </g>
    );
  };
  const release = () => {
    drag.current = null;
    setHeld(null);
  };
  const [baseFrom, baseTo] = [place([0, view.front]), place([0, view.back])];
  return (
    <div className="outline-plan" ref={ref}>
      <svg
        width={size.width}
        height={size.height}
        role="img"
        aria-label="The outline seen from above, front below"
        onPointerMove={move}
        onPointerUp={release}
        onPointerCancel={release}
      >
        <path className="plan-face" d={pathOf(corners, place, view.scale)} />
        {isOffBaseline && (
          <>
            <line className="base-line" x1={baseFrom[0]} y1={baseFrom[1]} x2={baseTo[0]} y2={baseTo[1]} />
            {corners.map(({ x, y }, i) => {
              const [from, to] = [place([0, y]), place([x, y])];
              return <line key={i} className="off-line" x1={from[0]} y1={from[1]} x2={to[0]} y2={to[1]} />;
            })}
          </>
        )}
        {!isOffBaseline && corners.map((_, at) => handle(at, "middle", middleOf(corners, at)))}
        {corners.map(({ x, y }, at) => handle(at, "corner", [x, y]))}
        <text className="plan-front" x={view.left + view.centre * view.scale} y={size.height - 6}>
          front
        </text>
      </svg>
    </div>
  );
}

/** Where the corners and bulges lie on the page, as large as it holds them. */
function fit(corners: PlanCorner[], size: { width: number; height: number }, isOffBaseline: boolean) {
  const points = [
    ...corners.map(({ x, y }): Point => [x, y]),
    ...corners.map((_, at) => middleOf(corners, at)),
    ...(isOffBaseline ? corners.map(({ y }): Point => [0, y]) : []),
  ];
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
  const [least, most] = [Math.min(...xs), Math.max(...xs)];
  const [front, back] = [Math.min(...ys), Math.max(...ys)];
  const scale = Math.max(
    0.001,
    Math.min(
      (size.width - 2 * margin) / Math.max(most - least, 1),
      (size.height - 2 * margin) / Math.max(back - front, 1),
    ),
  );
  const centre = (least + most) / 2;
  return {
    scale,
    centre,
    front,
    back,
    left: size.width / 2 - centre * scale,
    bottom: size.height / 2 + ((front + back) / 2) * scale,
  };
}

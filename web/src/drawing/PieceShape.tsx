import type { Piece } from "../api/client";

const cut = "#22303a";
const thread = "#b23620";

/** How a layer of the drawing looks on the screen and on the cutting sheet; where it lies is said once, for files too. */
const looks: Record<string, { stroke: string; strokeDasharray?: string }> = {
  fold: { stroke: cut, strokeDasharray: "6 2 1 2" },
  dart: { stroke: thread, strokeDasharray: "2 2" },
  corner: { stroke: thread, strokeDasharray: "4 3" },
  drill: { stroke: cut },
  notch: { stroke: cut },
  zip: { stroke: cut },
};

/** Too near the cut edge to be seen at a small scale, so they stand out as wedges of one size. */
const snipped = new Set(["notch", "zip"]);

/** A piece in its true shape: cut line, stitch line in red dashes, folds and notches. */
export function PieceShape({ piece, scale, fill }: { piece: Piece; scale: number; fill: string }) {
  const xs = piece.outline.map((corner) => corner[0] ?? 0);
  const ys = piece.outline.map((corner) => corner[1] ?? 0);
  const [left, right] = [Math.min(...xs), Math.max(...xs)];
  const [bottom, top] = [Math.min(...ys), Math.max(...ys)];
  const x = (value: number) => (value - left) * scale + 1;
  const y = (value: number) => (top - value) * scale + 1;
  const points = (corners: number[][]) =>
    corners.map((corner) => `${x(corner[0] ?? 0)},${y(corner[1] ?? 0)}`).join(" ");
  const bias = piece.id === "piping";
  return (
    <svg
      width={(right - left) * scale + 2}
      height={(top - bottom) * scale + 2}
      aria-hidden="true"
      className="piece-shape"
    >
      <polygon points={points(piece.outline)} fill={fill} stroke={cut} strokeWidth={1} />
      {!bias && (
        <polygon
          points={points(piece.stitchLine)}
          fill="none"
          stroke={thread}
          strokeWidth={1}
          strokeDasharray="4 3"
        />
      )}
      {piece.strokes.map((stroke, i) => {
        if (snipped.has(stroke.layer) && stroke.points.length === 2) {
          const [from, to] = stroke.points.map(([px = 0, py = 0]) => ({ x: x(px), y: y(py) }));
          return from && to && <Snip key={i} from={from} to={to} />;
        }

        const look = looks[stroke.layer];
        return look && <polyline key={i} points={points(stroke.points)} fill="none" {...look} />;
      })}
    </svg>
  );
}

interface Place {
  x: number;
  y: number;
}

/** A wedge that stands on the cut edge and points the way the snip goes. */
function Snip({ from, to }: { from: Place; to: Place }) {
  const turn = (Math.atan2(to.y - from.y, to.x - from.x) * 180) / Math.PI - 90;
  return (
    <polygon points="-3,0 3,0 0,6" transform={`translate(${from.x} ${from.y}) rotate(${turn})`} fill={cut} />
  );
}

import type { Piece } from "../../api/client";

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

/** Where a piece's points come to lie on a drawing, whose y runs down. */
export interface PiecePlace {
  x: (value: number) => number;
  y: (value: number) => number;
}

/** The least box round a piece's cut line, in millimetres. */
export function boxOf(piece: Piece) {
  const xs = piece.outline.map((corner) => corner[0] ?? 0);
  const ys = piece.outline.map((corner) => corner[1] ?? 0);
  return {
    left: Math.min(...xs),
    right: Math.max(...xs),
    bottom: Math.min(...ys),
    top: Math.max(...ys),
  };
}

/** A piece's cut line, stitch line in red dashes, folds and notches. */
export function PieceLines({ piece, place, fill }: { piece: Piece; place: PiecePlace; fill: string }) {
  const { x, y } = place;
  const points = (corners: number[][]) =>
    corners.map((corner) => `${x(corner[0] ?? 0)},${y(corner[1] ?? 0)}`).join(" ");
  const bias = piece.id === "piping";
  return (
    <>
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
    </>
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

import type { Piece } from "../api/client";

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
      <polygon points={points(piece.outline)} fill={fill} stroke="#22303a" strokeWidth={1} />
      {!bias && (
        <polygon
          points={points(piece.stitchLine)}
          fill="none"
          stroke="#b23620"
          strokeWidth={1}
          strokeDasharray="4 3"
        />
      )}
      {piece.marks.map((mark, i) =>
        mark.kind === "notch" || mark.kind === "zip-stop" ? (
          <Notch
            key={i}
            x={x(mark.from[0] ?? 0)}
            y={y(mark.from[1] ?? 0)}
            width={(right - left) * scale}
            height={(top - bottom) * scale}
          />
        ) : (
          <line
            key={i}
            x1={x(mark.from[0] ?? 0)}
            y1={y(mark.from[1] ?? 0)}
            x2={x(mark.to[0] ?? 0)}
            y2={y(mark.to[1] ?? 0)}
            stroke={mark.kind === "corner-line" ? "#b23620" : "#22303a"}
            strokeDasharray={mark.kind === "fold" ? "6 2 1 2" : "4 3"}
          />
        ),
      )}
    </svg>
  );
}

interface NotchProps {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** A V notch, pointing in from the nearest edge of the piece. */
function Notch({ x, y, width, height }: NotchProps) {
  const nearest = [
    { away: y, turn: 0 },
    { away: width - x, turn: 90 },
    { away: height - y, turn: 180 },
    { away: x, turn: 270 },
  ].sort((a, b) => a.away - b.away)[0];
  return (
    <polygon
      points="-3,-4 3,-4 0,2"
      transform={`translate(${x} ${y}) rotate(${nearest?.turn ?? 0})`}
      fill="#22303a"
    />
  );
}

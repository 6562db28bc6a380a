import type { Space } from "./projection";

/** A turn as a unit quaternion: w, x, y, z. */
export type Turn = readonly [number, number, number, number];

/** A rigid move: turned first, then moved. It changes no length. */
export interface Pose {
  turn: Turn;
  move: Space;
}

export const still: Pose = { turn: [1, 0, 0, 0], move: [0, 0, 0] };

export const add = (a: Space, b: Space): Space => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
export const less = (a: Space, b: Space): Space => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
export const times = (k: number, a: Space): Space => [k * a[0], k * a[1], k * a[2]];
export const dot = (a: Space, b: Space) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
export const cross = (a: Space, b: Space): Space => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
export const unit = (a: Space): Space => times(1 / (Math.hypot(...a) || 1), a);

export function rotate([w, x, y, z]: Turn, p: Space): Space {
  const u: Space = [x, y, z];
  return add(add(times(2 * dot(u, p), u), times(w * w - dot(u, u), p)), times(2 * w, cross(u, p)));
}

export const put = (pose: Pose, p: Space): Space => add(rotate(pose.turn, p), pose.move);

export function after([aw, ax, ay, az]: Turn, [bw, bx, by, bz]: Turn): Turn {
  return [
    aw * bw - ax * bx - ay * by - az * bz,
    aw * bx + ax * bw + ay * bz - az * by,
    aw * by - ax * bz + ay * bw + az * bx,
    aw * bz + ax * by - ay * bx + az * bw,
  ];
}

/** First the inner move, then the outer. */
export const over = (outer: Pose, inner: Pose): Pose => ({
  turn: after(outer.turn, inner.turn),
  move: put(outer, inner.move),
});

/** A turn by an angle round a line through a point. */
export function about(point: Space, axis: Space, angle: number): Pose {
  const [x, y, z] = times(Math.sin(angle / 2), unit(axis));
  const turn: Turn = [Math.cos(angle / 2), x, y, z];
  return { turn, move: less(point, rotate(turn, point)) };
}

/** The turn that brings the axes of one frame on to those of another; each frame is three unit vectors square to each other. */
export function between(from: readonly [Space, Space, Space], to: readonly [Space, Space, Space]): Turn {
  // The matrix that takes each "from" vector to its "to" vector, column by column.
  const m = [0, 1, 2].map((row) =>
    [0, 1, 2].map((column) =>
      from.reduce((sum, vector, i) => sum + (to[i]?.[row] ?? 0) * (vector[column] ?? 0), 0),
    ),
  );
  const at = (row: number, column: number) => m[row]?.[column] ?? 0;
  const trace = at(0, 0) + at(1, 1) + at(2, 2);
  const q: Turn =
    trace > 0
      ? [trace + 1, at(2, 1) - at(1, 2), at(0, 2) - at(2, 0), at(1, 0) - at(0, 1)]
      : at(0, 0) > at(1, 1) && at(0, 0) > at(2, 2)
        ? [at(2, 1) - at(1, 2), 1 + at(0, 0) - at(1, 1) - at(2, 2), at(0, 1) + at(1, 0), at(0, 2) + at(2, 0)]
        : at(1, 1) > at(2, 2)
          ? [
              at(0, 2) - at(2, 0),
              at(0, 1) + at(1, 0),
              1 + at(1, 1) - at(0, 0) - at(2, 2),
              at(1, 2) + at(2, 1),
            ]
          : [
              at(1, 0) - at(0, 1),
              at(0, 2) + at(2, 0),
              at(1, 2) + at(2, 1),
              1 + at(2, 2) - at(0, 0) - at(1, 1),
            ];
  const size = Math.hypot(...q);
  return [q[0] / size, q[1] / size, q[2] / size, q[3] / size];
}

/** A turn part of the way from one to another, by the shorter way round. */
export function partTurn(a: Turn, b: Turn, share: number): Turn {
  const together = a[0] * b[0] + a[1] * b[1] + a[2] * b[2] + a[3] * b[3];
  const sign = together < 0 ? -1 : 1;
  const angle = Math.acos(Math.min(1, Math.abs(together)));
  const [ka, kb] =
    angle < 1e-6
      ? [1 - share, share]
      : [Math.sin((1 - share) * angle) / Math.sin(angle), Math.sin(share * angle) / Math.sin(angle)];
  const q = [0, 1, 2, 3].map((i) => ka * (a[i] ?? 0) + sign * kb * (b[i] ?? 0));
  const size = Math.hypot(...q) || 1;
  return [q[0]! / size, q[1]! / size, q[2]! / size, q[3]! / size];
}

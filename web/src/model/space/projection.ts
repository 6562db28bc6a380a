/** A point of the thing in millimetres: x side to side, y front to back, z up. */
export type Space = readonly [number, number, number];
export type Flat = readonly [number, number];

const turn = (38 * Math.PI) / 180;
const tilt = (33 * Math.PI) / 180;

/** Seen from in front, a little from the right and above, without perspective: lengths along an axis stay in proportion. */
export function project([x, y, z]: Space): Flat {
  return [
    x * Math.cos(turn) + y * Math.sin(turn),
    (x * Math.sin(turn) - y * Math.cos(turn)) * Math.sin(tilt) - z * Math.cos(tilt),
  ];
}

/** A way of fitting points of space into a box of pixels, all at one scale. */
export function fitting(points: Space[], width: number, height: number, margin: { x: number; y: number }) {
  const flat = points.map(project);
  const xs = flat.map(([x]) => x);
  const ys = flat.map(([, y]) => y);
  const [left, right] = [Math.min(...xs), Math.max(...xs)];
  const [top, bottom] = [Math.min(...ys), Math.max(...ys)];
  const scale = Math.min(
    (width - 2 * margin.x) / Math.max(right - left, 1e-6),
    (height - 2 * margin.y) / Math.max(bottom - top, 1e-6),
  );
  const dx = (width - (right - left) * scale) / 2 - left * scale;
  const dy = (height - (bottom - top) * scale) / 2 - top * scale;
  return {
    scale,
    place: (point: Space): Flat => {
      const [x, y] = project(point);
      return [x * scale + dx, y * scale + dy];
    },
  };
}

/** A corner as it comes, in space. */
export function spaceOf(corner: number[] | undefined): Space {
  const [x = 0, y = 0, z = 0] = corner ?? [];
  return [x, y, z];
}

/** The points of a line through places, as a drawing takes them. */
export const lineThrough = (place: (point: Space) => Flat) => (ends: Space[]) =>
  ends
    .map((end) => place(end))
    .map(([x, y]) => `${x.toFixed(1)},${y.toFixed(1)}`)
    .join(" ");

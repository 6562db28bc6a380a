import type { Flat, Space } from "./projection";

/** The cushion to be drawn, in millimetres. */
export interface Cushion {
  front: number;
  back: number;
  depth: number;
  thickness: number;
}

/** A dimension line: the measure it belongs to, its ends on the thing, and which way it is pushed off it on the screen. */
export interface Dimension {
  measure: string;
  from: Space;
  to: Space;
  off: Flat;
}

/** Lower corners, front left first, counter-clockwise seen from above; the upper ones are the same with the thickness added. */
export function plan({ front, back, depth }: Cushion): [Space, Space, Space, Space] {
  const step = (front - back) / 2;
  return [
    [0, 0, 0],
    [front, 0, 0],
    [front - step, depth, 0],
    [step, depth, 0],
  ];
}

export function raised([x, y]: Space, thickness: number): Space {
  return [x, y, thickness];
}

/** Where each measure of a shape is drawn. */
export function dimensions(cushion: Cushion, tapered: boolean): Dimension[] {
  const [fl, fr, br, bl] = plan(cushion);
  const t = cushion.thickness;
  const upper = (point: Space) => raised(point, t);
  const thickness: Dimension = { measure: "thickness", from: fl, to: upper(fl), off: [-34, -4] };
  if (!tapered) {
    return [
      { measure: "width", from: fl, to: fr, off: [-16, 32] },
      { measure: "depth", from: fr, to: br, off: [22, 30] },
      thickness,
    ];
  }

  const middle: Space = [cushion.front / 2, 0, t];
  return [
    { measure: "frontWidth", from: fl, to: fr, off: [-16, 32] },
    { measure: "backWidth", from: upper(bl), to: upper(br), off: [14, -28] },
    { measure: "depth", from: middle, to: [cushion.front / 2, cushion.depth, t], off: [0, 0] },
    thickness,
  ];
}

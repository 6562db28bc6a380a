import type { Dimension } from "./cushion";
import type { Space } from "./projection";

/** The least box round a thing: x side to side, y front to back, z up. */
export interface Bounds {
  least: Space;
  most: Space;
}

export function boundsOf(points: Space[]): Bounds {
  const along = (axis: 0 | 1 | 2) => points.map((point) => point[axis]);
  const [xs, ys, zs] = [along(0), along(1), along(2)];
  return {
    least: [Math.min(...xs), Math.min(...ys), Math.min(...zs)],
    most: [Math.max(...xs), Math.max(...ys), Math.max(...zs)],
  };
}

type Place = (box: Bounds, size: number) => [Space, Space];

const frontBottom: Place = ({ least, most }) => [
  [least[0], least[1], least[2]],
  [most[0], least[1], least[2]],
];
const rightBottom: Place = ({ least, most }) => [
  [most[0], least[1], least[2]],
  [most[0], most[1], least[2]],
];
const frontLeft: Place = ({ least, most }) => [
  [least[0], least[1], least[2]],
  [least[0], least[1], most[2]],
];
const backTop: Place = ({ least, most }, size) => {
  const middle = (least[0] + most[0]) / 2;
  return [
    [middle - size / 2, most[1], most[2]],
    [middle + size / 2, most[1], most[2]],
  ];
};
const downTheRight: Place = ({ least, most }, size) => [
  [most[0], least[1], most[2]],
  [most[0], least[1], most[2] - size],
];
const alongTheTopLeft: Place = ({ least, most }, size) => [
  [least[0], least[1], most[2]],
  [least[0], least[1] + size, most[2]],
];
const acrossTheTop: Place = ({ least, most }, size) => [
  [least[0], least[1], most[2]],
  [least[0] + size, least[1], most[2]],
];
const atTheBackRight: Place = ({ most }, size) => [
  [most[0] - size, most[1], most[2]],
  [most[0], most[1], most[2]],
];
const downTheBackRight: Place = ({ most }, size) => [
  [most[0], most[1], most[2]],
  [most[0], most[1] - size, most[2]],
];
const inTheMiddle: Place = ({ least, most }, size) => [
  [(least[0] + most[0] - size) / 2, least[1], (least[2] + most[2]) / 2],
  [(least[0] + most[0] + size) / 2, least[1], (least[2] + most[2]) / 2],
];
const upTheMiddle: Place = ({ least, most }, size) => [
  [(least[0] + most[0]) / 2, least[1], least[2]],
  [(least[0] + most[0]) / 2, least[1], least[2] + size],
];

/** Where each measure is written on a drawing, and which way its line is pushed off the thing. */
const places: Record<string, [Place, [number, number]]> = {
  width: [frontBottom, [-16, 32]],
  frontWidth: [frontBottom, [-16, 32]],
  overallWidth: [frontBottom, [-16, 32]],
  diameter: [frontBottom, [-16, 32]],
  size: [frontBottom, [-16, 32]],
  widest: [frontBottom, [-16, 32]],
  backWidth: [backTop, [14, -28]],
  depth: [rightBottom, [22, 30]],
  length: [rightBottom, [22, 30]],
  thickness: [frontLeft, [-34, -4]],
  height: [frontLeft, [-34, -4]],
  sideHeight: [frontLeft, [-34, -4]],
  drop: [frontLeft, [-34, -4]],
  earDepth: [alongTheTopLeft, [-26, -14]],
  earWidth: [
    ({ least, most }, size) => [
      [least[0], least[1], most[2]],
      [least[0] + size, least[1], most[2]],
    ],
    [-2, 14],
  ],
  topDrop: [downTheRight, [26, 0]],
  wrap: [downTheRight, [26, 0]],
  rim: [acrossTheTop, [-10, -24]],
  flatWidth: [inTheMiddle, [0, 14]],
  flatHeight: [upTheMiddle, [0, 0]],
  cornerRadius: [atTheBackRight, [10, -18]],
  cutWidth: [atTheBackRight, [8, -20]],
  cutLength: [downTheBackRight, [26, -4]],
  postWidth: [atTheBackRight, [8, -20]],
  flap: [downTheBackRight, [30, -6]],
  flange: [atTheBackRight, [8, -20]],
  noseWidth: [backTop, [14, -22]],
  taperLength: [downTheBackRight, [30, -6]],
};

/** Measures of things that stand upright: their height runs along the piece, and their thickness across it. */
const upright: Record<string, [Place, [number, number]]> = {
  height: [frontLeft, [-34, -4]],
  thickness: [rightBottom, [22, 24]],
};

/** The dimension lines of a thing: one for each measure that is taken and has a place on it. */
export function thingDimensions(stands: string, box: Bounds, sizes: Record<string, number>): Dimension[] {
  return Object.entries(sizes).flatMap(([measure, size]): Dimension[] => {
    const found = (stands === "upright" && upright[measure]) || places[measure];
    if (!found) {
      return [];
    }

    const [place, off] = found;
    const [from, to] = place(box, size);
    return [{ measure, from, to, off }];
  });
}

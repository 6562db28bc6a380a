import type { Measure } from "../../api/client";
import type { Flat, Space } from "./projection";

/** A dimension line: the measure it belongs to, its ends on the thing, and which way it is pushed off it on the screen. */
export interface Dimension {
  measure: string;
  from: Space;
  to: Space;
  off: Flat;
}

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

/** The line of each place of the catalogue, and which way it is pushed off the thing. */
const places: Record<string, [Place, [number, number]]> = {
  "front-bottom": [frontBottom, [-16, 32]],
  "right-bottom": [rightBottom, [22, 30]],
  "front-left": [frontLeft, [-34, -4]],
  "back-top": [backTop, [14, -28]],
  "along-the-top-left": [alongTheTopLeft, [-26, -14]],
  "across-the-top": [acrossTheTop, [-10, -24]],
  "across-the-front": [acrossTheTop, [-2, 14]],
  "down-the-right": [downTheRight, [26, 0]],
  "in-the-middle": [inTheMiddle, [0, 14]],
  "up-the-middle": [upTheMiddle, [0, 0]],
  "at-the-back-right": [atTheBackRight, [8, -20]],
  "down-the-back-right": [downTheBackRight, [28, -5]],
};

/** The dimension lines of a thing: one for each measure that reads something and has a place on it. */
export function thingDimensions(
  measures: Measure[],
  box: Bounds,
  sizes: Record<string, number>,
): Dimension[] {
  return measures.flatMap(({ name, place }): Dimension[] => {
    const [found, size] = [place === null ? undefined : places[place], sizes[name]];
    if (!found || size === undefined) {
      return [];
    }

    const [from, to] = found[0](box, size);
    return [{ measure: name, from, to, off: found[1] }];
  });
}

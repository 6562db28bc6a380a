import type { Space } from "./projection";

/** The least box round some points. */
export interface Box {
  least: Space;
  most: Space;
}

export function boxOf(points: Space[]): Box {
  const [first = [0, 0, 0]] = points;
  const least: [number, number, number] = [...first];
  const most: [number, number, number] = [...first];
  for (const point of points) {
    for (const axis of axes) {
      least[axis] = Math.min(least[axis], point[axis]);
      most[axis] = Math.max(most[axis], point[axis]);
    }
  }

  return { least, most };
}

const axes = [0, 1, 2] as const;

/** Two boxes are further apart than this; below 0, they do not reach that far into one another. */
export function areApart(one: Box | undefined, other: Box | undefined, by: number): boolean {
  if (!one || !other) {
    return true;
  }

  for (const axis of axes) {
    if (one.least[axis] > other.most[axis] + by || other.least[axis] > one.most[axis] + by) {
      return true;
    }
  }

  return false;
}

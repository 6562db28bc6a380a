import type { Flat } from "./projection";

/** The room a reading takes on a drawing, in pixels, with a hair between it and the next. */
const room = { width: 62, height: 37 };
const mostPasses = 24;

/** Readings moved apart where they would lie on one another, as little as that takes, and none off the drawing. */
export function spread(centres: Flat[], size: { width: number; height: number }): Flat[] {
  const inside = ([x, y]: Flat): Flat => [
    clamp(x, room.width / 2 + 5, size.width - room.width / 2 - 5),
    clamp(y, room.height / 2 - 1, size.height - room.height / 2 + 1),
  ];
  const placed = centres.map(inside);
  for (let pass = 0; pass < mostPasses; pass++) {
    let moved = false;
    for (let i = 0; i < placed.length; i++) {
      for (let k = i + 1; k < placed.length; k++) {
        const [a, b] = [placed[i]!, placed[k]!];
        const overlap = [room.width - Math.abs(a[0] - b[0]), room.height - Math.abs(a[1] - b[1])] as const;
        if (overlap[0] <= 0.5 || overlap[1] <= 0.5) {
          continue;
        }

        const axis = overlap[0] < overlap[1] ? 0 : 1;
        const push = ((overlap[axis] / 2 + 0.5) * (a[axis] <= b[axis] ? 1 : -1)) as number;
        placed[i] = inside(axis === 0 ? [a[0] - push, a[1]] : [a[0], a[1] - push]);
        placed[k] = inside(axis === 0 ? [b[0] + push, b[1]] : [b[0], b[1] + push]);
        moved = true;
      }
    }

    if (!moved) {
      break;
    }
  }

  return placed;
}

function clamp(value: number, least: number, most: number): number {
  return Math.max(least, Math.min(most, value));
}

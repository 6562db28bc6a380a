import type { Flat } from "./projection";

/** The room a reading takes on a drawing, in pixels, with a hair between it and the next. */
const room = { least: 62, height: 37, besides: 34, perLetter: 10.5 };

/** How wide a reading of this text is written. */
export const widthOf = (text: string) => Math.max(room.least, room.besides + text.length * room.perLetter);
const mostPasses = 24;

/** Readings moved apart where they would lie on one another, as little as that takes, and none off the drawing. */
export function spread(
  centres: Flat[],
  size: { width: number; height: number },
  /** How wide each is written. */
  widths: number[] = [],
): Flat[] {
  const width = (i: number) => widths[i] ?? room.least;
  const inside = ([x, y]: Flat, i: number): Flat => [
    clamp(x, width(i) / 2 + 5, size.width - width(i) / 2 - 5),
    clamp(y, room.height / 2 - 1, size.height - room.height / 2 + 1),
  ];
  const placed = centres.map(inside);
  for (let pass = 0; pass < mostPasses; pass++) {
    let moved = false;
    for (let i = 0; i < placed.length; i++) {
      for (let k = i + 1; k < placed.length; k++) {
        const [a, b] = [placed[i]!, placed[k]!];
        const overlap = [
          (width(i) + width(k)) / 2 - Math.abs(a[0] - b[0]),
          room.height - Math.abs(a[1] - b[1]),
        ] as const;
        if (overlap[0] <= 0.5 || overlap[1] <= 0.5) {
          continue;
        }

        const axis = overlap[0] < overlap[1] ? 0 : 1;
        const push = ((overlap[axis] / 2 + 0.5) * (a[axis] <= b[axis] ? 1 : -1)) as number;
        placed[i] = inside(axis === 0 ? [a[0] - push, a[1]] : [a[0], a[1] - push], i);
        placed[k] = inside(axis === 0 ? [b[0] + push, b[1]] : [b[0], b[1] + push], k);
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

import type { Yardage } from "../../api/client";

type Stretch = Yardage["cuts"][number];

/** One line of the order of cuts. */
export interface CutStep {
  /** How many stretches in a row are cut alike. */
  times: number;
  /** Where each of them is cut right across, in millimetres from the cut end. */
  ends: number[];
  /** Where the last of them is cut right across. */
  shown: string;
  straight: boolean;
  /** The pieces that come free, with how many of each. */
  pieces: { name: string; count: number }[];
}

/** Stretches of the same single piece are cut one like the other: one line for all of them. */
export function cutSteps(cuts: Stretch[], nameOf: (piece: string) => string): CutStep[] {
  const steps: (CutStep & { alike: string })[] = [];
  for (const stretch of cuts) {
    const named = stretch.pieces.map((piece) => ({ name: nameOf(piece.piece), count: piece.count }));
    // Where the shears go round the shapes there is no order to tell: only what is in the stretch.
    const pieces = stretch.straight ? inARow(named) : together(named);
    const alike = stretch.straight && pieces.length === 1 ? `${pieces[0]?.name} ${pieces[0]?.count}` : "";
    const last = steps.at(-1);
    if (last && alike && last.alike === alike) {
      last.times += 1;
      last.ends.push(stretch.to);
      last.shown = stretch.shown;
    } else {
      steps.push({
        times: 1,
        ends: [stretch.to],
        shown: stretch.shown,
        straight: stretch.straight,
        pieces,
        alike,
      });
    }
  }

  return steps.map(({ times, ends, shown, straight, pieces }) => ({ times, ends, shown, straight, pieces }));
}

type Counted = { name: string; count: number };

function inARow(pieces: Counted[]): Counted[] {
  return pieces.reduce<Counted[]>((row, piece) => {
    const last = row.at(-1);
    return last?.name === piece.name
      ? [...row.slice(0, -1), { ...last, count: last.count + piece.count }]
      : [...row, piece];
  }, []);
}

function together(pieces: Counted[]): Counted[] {
  const counts = new Map<string, number>();
  for (const { name, count } of pieces) {
    counts.set(name, (counts.get(name) ?? 0) + count);
  }

  return [...counts].map(([name, count]) => ({ name, count }));
}

import { expect, test } from "vitest";
import type { Facet } from "./facet";
import type { Space } from "./projection";
import { unfoldedAt, unfolding } from "./unfold";

/** A strip folded into three sides of a box, and a plate on it. */
const facets: Facet[] = [
  facet(
    "strip",
    [
      [0, 0],
      [10, 0],
      [10, 4],
      [0, 4],
    ],
    [
      [0, 0, 0],
      [10, 0, 0],
      [10, 0, 4],
      [0, 0, 4],
    ],
  ),
  facet(
    "strip",
    [
      [10, 0],
      [18, 0],
      [18, 4],
      [10, 4],
    ],
    [
      [10, 0, 0],
      [10, 8, 0],
      [10, 8, 4],
      [10, 0, 4],
    ],
  ),
  facet(
    "strip",
    [
      [18, 0],
      [28, 0],
      [28, 4],
      [18, 4],
    ],
    [
      [10, 8, 0],
      [0, 8, 0],
      [0, 8, 4],
      [10, 8, 4],
    ],
  ),
  facet(
    "plate",
    [
      [0, 0],
      [10, 0],
      [10, 8],
      [0, 8],
    ],
    [
      [0, 0, 4],
      [10, 0, 4],
      [10, 8, 4],
      [0, 8, 4],
    ],
  ),
];

function facet(piece: string, flat: number[][], space: number[][]): Facet {
  return { piece, copy: 1, flat, space };
}

const lengths = (corners: Space[]) =>
  corners.map((corner, i) => {
    const next = corners[(i + 1) % corners.length]!;
    return Math.hypot(next[0] - corner[0], next[1] - corner[1], next[2] - corner[2]);
  });

test("made up, every corner is where the fold-up put it", () => {
  const placed = unfoldedAt(unfolding(facets), 0);
  facets.forEach(({ space }, i) =>
    space.forEach((corner, j) =>
      corner.forEach((value, axis) => expect(placed[i]![j]![axis]).toBeCloseTo(value, 6)),
    ),
  );
});

test("at every moment every edge keeps its length: the cover is folded, not stretched", () => {
  const cover = unfolding(facets);
  for (const share of [0.1, 0.25, 0.5, 0.77, 1]) {
    unfoldedAt(cover, share).forEach((corners, i) =>
      lengths(corners).forEach((length, side) => {
        const [from, to] = [facets[i]!.flat[side]!, facets[i]!.flat[(side + 1) % 4]!];
        expect(length).toBeCloseTo(Math.hypot(to[0]! - from[0]!, to[1]! - from[1]!), 6);
      }),
    );
  }
});

test("facets of one piece stay joined at their creases all the way", () => {
  const cover = unfolding(facets);
  for (const share of [0, 0.3, 0.6, 1]) {
    const [first, second, third] = unfoldedAt(cover, share);
    [
      [first![1]!, second![0]!],
      [first![2]!, second![3]!],
      [second![1]!, third![0]!],
    ].forEach(([one, other]) => one!.forEach((value, axis) => expect(value).toBeCloseTo(other![axis]!, 6)));
  }
});

test("unfolded, everything lies flat in one plane and no two pieces lie on each other", () => {
  const placed = unfoldedAt(unfolding(facets), 1);
  const heights = placed.flat().map(([, , z]) => z);
  expect(Math.max(...heights) - Math.min(...heights)).toBeLessThan(1e-6);
  const [strip, plate] = [placed.slice(0, 3).flat(), placed[3]!];
  const span = (points: Space[], axis: number) => [
    Math.min(...points.map((p) => p[axis]!)),
    Math.max(...points.map((p) => p[axis]!)),
  ];
  const apart = [0, 1].some((axis) => {
    const [[a, b], [c, d]] = [span(strip, axis), span(plate, axis)];
    return b! < c! || d! < a!;
  });
  expect(apart).toBe(true);
});

test("the pieces stay joined by one seam until they part, and the net lies flat before that", () => {
  const cover = unfolding(facets);
  expect(cover.net.hung.filter(({ on }) => on === null)).toHaveLength(1);
  const seam = cover.net.hung.find(({ isSeam }) => isSeam);
  expect(seam?.facet).toBe(3); // the plate hangs on the strip, which is larger
  const onStrip = facets[seam?.on ?? 0]!.space;
  const onPlate = facets[3]!.space;
  const shared = onPlate.flatMap((corner, at) => {
    const other = onStrip.findIndex((one) => one.every((value, axis) => value === corner[axis]));
    return other < 0 ? [] : [[at, other] as const];
  });
  expect(shared).toHaveLength(2);
  for (const share of [0, 0.2, 0.5, 0.62, 0.72]) {
    const placed = unfoldedAt(cover, share);
    for (const [at, other] of shared) {
      expect(
        Math.hypot(...[0, 1, 2].map((axis) => placed[3]![at]![axis]! - placed[seam!.on!]![other]![axis]!)),
      ).toBeLessThan(1e-6);
    }
  }

  const heights = unfoldedAt(cover, 0.72)
    .flat()
    .map(([, , z]) => z);
  expect(Math.max(...heights) - Math.min(...heights)).toBeLessThan(1e-6);
});

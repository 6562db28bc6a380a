import { expect, test } from "vitest";
import { cutSteps } from "./cutSteps";

const stretch = (shown: string, straight: boolean, ...pieces: [string, number][]) => ({
  to: parseInt(shown),
  shown,
  straight,
  pieces: pieces.map(([piece, count]) => ({ piece, count })),
});

test("stretches of one piece are one line, others a line each", () => {
  const steps = cutSteps(
    [
      stretch("10 in", true, ["a", 1]),
      stretch("20 in", true, ["a", 1]),
      stretch("30 in", true, ["a", 2]),
      stretch("40 in", true, ["a", 1], ["b", 1]),
    ],
    (piece) => `piece ${piece}`,
  );
  expect(steps).toEqual([
    { times: 2, ends: [10, 20], shown: "20 in", straight: true, pieces: [{ name: "piece a", count: 1 }] },
    { times: 1, ends: [30], shown: "30 in", straight: true, pieces: [{ name: "piece a", count: 2 }] },
    {
      times: 1,
      ends: [40],
      shown: "40 in",
      straight: true,
      pieces: [
        { name: "piece a", count: 1 },
        { name: "piece b", count: 1 },
      ],
    },
  ]);
});

test("straight cuts keep their order; round shapes are only counted", () => {
  const row: [string, number][] = [
    ["a", 1],
    ["b", 1],
    ["a", 2],
    ["a/mirrored", 1],
  ];
  const name = (piece: string) => piece.charAt(0);
  expect(cutSteps([stretch("10 in", true, ...row)], name)[0]?.pieces).toEqual([
    { name: "a", count: 1 },
    { name: "b", count: 1 },
    { name: "a", count: 3 },
  ]);
  expect(cutSteps([stretch("10 in", false, ...row)], name)[0]?.pieces).toEqual([
    { name: "a", count: 4 },
    { name: "b", count: 1 },
  ]);
});

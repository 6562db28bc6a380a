import { expect, test } from "vitest";
import type { Measure } from "../../api/client";
import { thingDimensions } from "./thingDimensions";

const measure = (name: string, place: string | null) => ({ name, place }) as Measure;
const box = {
  least: [0, 0, 0] as [number, number, number],
  most: [600, 500, 100] as [number, number, number],
};

test("each measure has its line where the catalogue says, as long as the measure", () => {
  const lines = thingDimensions(
    [
      measure("frontWidth", "front-bottom"),
      measure("backWidth", "back-top"),
      measure("depth", "right-bottom"),
      measure("thickness", "front-left"),
      measure("rim", "across-the-top"),
    ],
    box,
    { frontWidth: 600, backWidth: 400, depth: 500, thickness: 100, rim: 45 },
  );
  const long = lines.map(({ measure, from, to }) => [
    measure,
    Math.hypot(...from.map((value, i) => value - (to[i] ?? 0))),
  ]);
  expect(long).toEqual([
    ["frontWidth", 600],
    ["backWidth", 400],
    ["depth", 500],
    ["thickness", 100],
    ["rim", 45],
  ]);
});

test("a measure without a place or without a size has no line", () => {
  const measures = [measure("circumference", null), measure("depth", "right-bottom")];
  expect(thingDimensions(measures, box, { circumference: 900 })).toEqual([]);
});

import { emptyCover } from "./cover";
import { expect, test } from "vitest";
import type { Measure, Shape } from "../../api/client";
import { missingMeasures, nextMeasure, withExamples } from "./shape";

const measure = (name: string, optional = false): Measure => ({
  name,
  label: name,
  guidance: "",
  axis: "width",
  exampleInches: "21",
  exampleMillimetres: "540 mm",
  kind: "length",
  place: "front-bottom",
  exampleOfInches: 533.4,
  exampleOfMillimetres: 540,
  least: 60,
  most: 3500,
  optional,
  mayBeZero: false,
  rule: null,
});
const shape: Shape = {
  id: "rectangle",
  label: "",
  constructions: [],
  list: null,
  closures: [],
  edges: [],
  withoutOptions: [],
  stands: "lying",
  measures: [measure("width"), measure("depth"), measure("thickness"), measure("diagonal1", true)],
};

const cover = emptyCover;

test("Enter walks the measures that have to be taken, and stops after the last", () => {
  expect(nextMeasure(shape, cover, "width")).toBe("depth");
  expect(nextMeasure(shape, cover, "thickness")).toBeNull();
  expect(nextMeasure(shape, cover, "depth", -1)).toBe("width");
});

test("examples stand in for what is not taken, and never for what is", () => {
  const cover = { ...emptyCover, measures: { width: "19", depth: " " } };
  expect(missingMeasures(shape, cover).map(({ name }) => name)).toEqual(["depth", "thickness"]);
  expect(withExamples(shape, cover, "cm").measures).toEqual({
    width: "19",
    depth: "540 mm",
    thickness: "540 mm",
  });
  const complete = { ...emptyCover, measures: { width: "1", depth: "rubbish", thickness: "3" } };
  expect(withExamples(shape, complete, "in")).toBe(complete);
});

import { expect, test } from "vitest";
import { figuresOfSewing, standing, wrongWith, type HouseFigure } from "./houseFigures";
import type { Catalogue } from "../../api/client";

const seam: HouseFigure = {
  name: "minutesPerSeam",
  label: "minutes to a metre of seam",
  usual: 3,
  least: 0,
  most: 120,
  group: "time",
};
const labels: HouseFigure = {
  name: "labels",
  label: "labels sewn into a cover",
  usual: 0,
  least: 0,
  most: 4,
  group: "supplies",
};

test("what the house says stands before its ticks, and they before the usual", () => {
  expect(standing(seam, {}, {})).toEqual({ text: "3", whose: "usual" });
  expect(standing(seam, {}, { minutesPerSeam: "2.4" })).toEqual({
    text: "2.4",
    whose: "from your own ticks",
  });
  expect(standing(seam, { minutesPerSeam: "4" }, { minutesPerSeam: "2.4" })).toEqual({
    text: "4",
    whose: "the house’s own",
  });
});

test("only figures of the sewing are asked for", () => {
  const other = { ...seam, name: "fullness" };
  expect(figuresOfSewing({ numberRules: [other, seam, labels] } as unknown as Catalogue)).toEqual([
    seam,
    labels,
  ]);
});

test("a figure that cannot be is told with what it may be", () => {
  expect(wrongWith(seam, "2,5")).toBe("");
  expect(wrongWith(seam, " ")).toBe("");
  expect(wrongWith(seam, "quick")).toBe("“quick” is no number: type minutes to a metre of seam as 3 or 2.5.");
  expect(wrongWith(seam, "500")).toBe("minutes to a metre of seam: between 0 and 120.");
  expect(wrongWith(labels, "1.5")).toBe("labels sewn into a cover: a whole number, as 1.");
  expect(wrongWith(labels, "-1")).toContain("is no number");
});

import { expect, test } from "vitest";
import type { Catalogue, Shape } from "../../api/client";
import { emptyCover } from "./cover";
import { optionsFor, type Option } from "./options";

const option = (name: string, more: Partial<Option> = {}): Option => ({
  name,
  label: name,
  words: ["none", "some"],
  said: {},
  compared: false,
  leftToTheDraft: false,
  needsOption: null,
  needsMeasure: null,
  ...more,
});
const catalogue = {
  constructions: [
    {
      id: "made",
      options: [
        option("trim", { compared: true }),
        option("bias", { needsOption: "trim" }),
        option("corners", { needsMeasure: "drop" }),
        option("ear"),
        option("alone", { words: ["only"] }),
      ],
    },
  ],
} as unknown as Catalogue;
const shape = { withoutOptions: ["ear"] } as unknown as Shape;
const names = (change: object, on: Shape | null = shape) =>
  optionsFor(catalogue, { ...emptyCover, construction: "made", ...change }, on).map(({ name }) => name);

test("a choice is shown where it makes a difference, and those compared side by side are not", () => {
  expect(names({})).toEqual([]);
  expect(names({}, null)).toEqual(["ear"]);
  expect(names({ options: { trim: "some" } })).toEqual(["bias"]);
  expect(names({ options: { trim: "none" } })).toEqual([]);
  expect(names({ measures: { drop: "4" } })).toEqual(["corners"]);
  expect(names({ construction: "unknown" })).toEqual([]);
});

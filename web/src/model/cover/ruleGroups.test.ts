import { expect, test } from "vitest";
import type { Catalogue } from "../../api/client";
import { emptyCover } from "./cover";
import { ruleGroups } from "./ruleGroups";

const rule = (name: string, group: Catalogue["rules"][number]["group"], rare = false) => ({
  name,
  label: name,
  imperial: "½ in",
  metric: "12 mm",
  group,
  rare,
});
const catalogue = {
  rules: [rule("seam", "seams"), rule("hem", "hems"), rule("tuck", "shape"), rule("tape", "closing", true)],
  numberRules: [{ name: "gapShare", label: "gap", usual: 0.6, least: 0.1, most: 1, group: "closing" }],
} as Catalogue;

const names = (rules: Record<string, string>, obeyed: string[]) =>
  ruleGroups(catalogue, { ...emptyCover, rules }, obeyed).map(({ group, often, rare }) => [
    group,
    often.map(({ name }) => name),
    rare.map(({ name }) => name),
  ]);

test("only what the cover obeys is shown, the rare figures apart", () => {
  expect(names({}, ["gapShare", "tape", "seam"])).toEqual([
    ["seams", ["seam"], []],
    ["closing", [], ["tape", "gapShare"]],
  ]);
});

test("a figure that was said stays in sight, also where nothing asks for it or it is rare", () => {
  expect(names({ hem: "1", tape: "3/4", tuck: " " }, ["seam", "tape"])).toEqual([
    ["seams", ["seam"], []],
    ["hems", ["hem"], []],
    ["closing", ["tape"], []],
  ]);
});

test("a plain number is shown without a unit", () => {
  const [closing] = ruleGroups(catalogue, emptyCover, ["gapShare"]);
  expect(closing?.rare[0]).toMatchObject({ isLength: false, usual: { in: "0.6", metric: "0.6" } });
});

import { beforeAll, expect, test } from "vitest";
import { clothTo, emptyCloth } from "../../model/cloth/cloth";
import { coverTo, emptyCover } from "../../model/cover/cover";
import { entryOf } from "../../testing";
import { brokenRule, loadRules } from "./documentRules";

beforeAll(async () => {
  await loadRules();
});

test("what the bench makes is sound by the server's own rules", () => {
  expect(brokenRule("cover", coverTo(emptyCover))).toBeNull();
  expect(
    brokenRule(
      "cover",
      coverTo({
        ...emptyCover,
        measures: { width: "54,5 ish" },
        lists: { points: [{ x: "0", y: "1", rise: "" }] },
        cut: [1],
      }),
    ),
  ).toBeNull();
  expect(
    brokenRule("cloth", { ...clothTo(emptyCloth), others: [clothTo({ ...emptyCloth, key: "navy" })] }),
  ).toBeNull();
  expect(brokenRule("work", entryOf("sewn"))).toBeNull();
});

test.each([
  ["cover", { ...coverTo(emptyCover), notes: 5 }],
  ["cover", { ...coverTo(emptyCover), form: "spaceship" }],
  ["cover", { ...coverTo(emptyCover), measures: { points: [null] } }],
  ["cloth", { flaws: [null] }],
  ["cloth", { nap: "sideways" }],
  ["work", { ...entryOf("sewn"), kind: "knitted" }],
  ["work", { ...entryOf("cut"), cut: {} }],
] as const)("a %s that breaks a rule says so (%j)", (kind, document) => {
  expect(brokenRule(kind, document)).not.toBeNull();
});

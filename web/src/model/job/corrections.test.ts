import { emptyCover } from "../cover/cover";
import { expect, test } from "vitest";
import { corrected, correctionsOf, splitForCorrection } from "./corrections";

const entry = (count: string, cut: number[]) => ({
  id: "seat",
  cover: { ...emptyCover, name: "Seat", count, cut },
});

test("a side has one correction; saying nothing takes it out", () => {
  const taken = corrected(corrected(emptyCover, "left", "-3/8"), "left", "-1/4");
  expect(correctionsOf(taken)).toEqual([{ side: "left", by: "-1/4" }]);
  expect(correctionsOf(corrected(taken, "left", ""))).toEqual([]);
});

test("one of a set is corrected by itself, the others stay as they were", () => {
  const [kept, fitted] = splitForCorrection(entry("4", [1, 2]), "left", "-3/8", "one");
  expect([kept?.id, kept?.cover.count, kept?.cover.cut]).toEqual(["seat", "3", [1, 2]]);
  expect(correctionsOf(kept!.cover)).toEqual([]);
  expect([fitted?.cover.count, fitted?.cover.name]).toEqual(["1", "Seat, one fitted"]);
  expect(correctionsOf(fitted!.cover)).toEqual([{ side: "left", by: "-3/8" }]);
});

test("those that are cut are left alone", () => {
  const [kept, fitted] = splitForCorrection(entry("4", [2]), "left", "-3/8", "uncut");
  expect([kept?.cover.count, fitted?.cover.count]).toEqual(["1", "3"]);
  expect(correctionsOf(kept!.cover)).toEqual([]);
});

test("with none cut the whole set is corrected where it stands, with all cut nothing is", () => {
  const whole = splitForCorrection(entry("3", []), "top", "1/4", "uncut");
  expect(whole).toHaveLength(1);
  expect([whole[0]?.id, correctionsOf(whole[0]!.cover)]).toEqual(["seat", [{ side: "top", by: "1/4" }]]);
  const cut = entry("2", [1, 2]);
  expect(splitForCorrection(cut, "top", "1/4", "uncut")).toEqual([cut]);
});

test("a single cover is corrected in place", () => {
  const single = splitForCorrection(entry("1", []), "all", "-1/4", "one");
  expect(single).toHaveLength(1);
  expect(correctionsOf(single[0]!.cover)).toHaveLength(1);
});

import { emptyCover } from "../cover/cover";
import { expect, test } from "vitest";
import { withMakeUp } from "./chooseMakeUp";

const cover = {
  ...emptyCover,
  rules: { seam: "5/8", "fit.width": "1/4" },
  options: { piping: "both", plates: "turned" },
};

test("another fit leaves what was typed since the comparison", () => {
  const snug = { kind: "fit", word: "snug", options: {}, rules: { "fit.thickness": "-3/8 in", seam: "1/2" } };
  expect(withMakeUp(cover, snug).rules).toEqual({ seam: "5/8", "fit.thickness": "-3/8 in" });
});

test("another construction leaves out the choices it does not have", () => {
  const wrap = { kind: "construction", word: "wrap-folded", options: { plates: "straight" }, rules: {} };
  expect(withMakeUp(cover, wrap)).toMatchObject({
    construction: "wrap-folded",
    options: { plates: "turned" },
    rules: cover.rules,
  });
  expect(withMakeUp(cover, wrap).options).not.toHaveProperty("piping");
});

test("a trim changes itself only", () => {
  expect(withMakeUp(cover, { kind: "piping", word: "none", options: {}, rules: {} }).options).toEqual({
    piping: "none",
    plates: "turned",
  });
});

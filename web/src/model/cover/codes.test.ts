import { expect, test } from "vitest";
import { yardage } from "../../testing";
import { codeOf, codesOn } from "./codes";

test("a piece is known by its cover's letter and its number; before the cover is kept it has no code", () => {
  expect(codeOf({ a: "C" }, "a", 12)).toBe("C12");
  expect(codeOf({ a: "C" }, "b", 12)).toBe("");
  expect([...codesOn(yardage, { a: "AB" })]).toEqual([["a/plate", "AB1"]]);
});

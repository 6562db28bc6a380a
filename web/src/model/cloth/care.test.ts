import { expect, test } from "vitest";
import { strictestCare } from "./care";

test("of each line the strictest of all that stays in the wash is kept", () => {
  expect(
    strictestCare(["wash warm, tumble low, iron hot", "wash at 30, do not tumble, iron cool, no bleach"]),
  ).toEqual([
    { line: "washing", text: "wash at 30" },
    { line: "bleach", text: "no bleach" },
    { line: "drying", text: "do not tumble" },
    { line: "ironing", text: "iron cool" },
  ]);
  expect(strictestCare(["wash at 60", "dry-clean only"])[0]).toEqual({
    line: "washing",
    text: "dry-clean only",
  });
  expect(strictestCare(["hand wash", "do not wash"])[0]?.text).toBe("do not wash");
  expect(strictestCare(["wash hot", ""])).toEqual([{ line: "washing", text: "wash hot" }]);
});

test("what is none of the lines is said as it was", () => {
  expect(strictestCare(["brush the nap; wash cool", "brush the nap"])).toEqual([
    { line: "washing", text: "wash cool" },
    { line: "besides", text: "brush the nap" },
  ]);
  expect(strictestCare([])).toEqual([]);
});

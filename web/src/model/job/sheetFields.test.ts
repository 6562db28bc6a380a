import { expect, test } from "vitest";
import { entriesOf, sent, waiting, written } from "./sheetFields";

test("a field put back to what the bench holds is not sent", () => {
  const filled = written(written({}, "seat", "width", "48", "4"), "seat", "width", "48", "48");
  expect(waiting(filled)).toBe(0);
});

test("what was typed while sending is still to be sent, against what has just been sent", () => {
  const first = written({}, "seat", "width", "", "48");
  const typedMeanwhile = written(first, "seat", "width", "", "48 1/2");
  expect(sent(typedMeanwhile, "seat", first.seat!)).toEqual({
    seat: { width: { before: "48", text: "48 1/2" } },
  });
  expect(waiting(sent(first, "seat", first.seat!))).toBe(0);
});

test("notes and figures are told apart", () => {
  expect(
    entriesOf({ width: { before: "", text: "48" }, "note:width": { before: "", text: "left wall leans" } }),
  ).toEqual([
    { measure: "width", note: false, before: "", text: "48" },
    { measure: "width", note: true, before: "", text: "left wall leans" },
  ]);
});

// @vitest-environment jsdom
import { beforeEach, expect, test } from "vitest";
import { entriesOf, filledOn, keep, sent, storedOn, waiting, written } from "./sheetStore";

beforeEach(() => localStorage.clear());

test("every key is kept on the phone and found again after the page was closed", () => {
  const filled = written(written({}, "seat", "width", "", "4"), "seat", "width", "", "48 1/2");
  keep("t", filled);
  expect(filledOn("t")).toEqual({ seat: { width: { before: "", text: "48 1/2" } } });
  expect(waiting(filledOn("t") ?? {})).toBe(1);
  expect(filledOn("another")).toEqual({});
});

test.each([
  "{",
  "5",
  "null",
  "[]",
  '{"seat":5}',
  '{"seat":{"width":"48"}}',
  '{"seat":{"width":{"text":48}}}',
])("what was kept and cannot be read (%s) is told apart from nothing", (text) => {
  localStorage.setItem("wrapper.sheet.t", text);
  expect(filledOn("t")).toBeNull();
  expect(storedOn("t")).toBe(text);
});

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

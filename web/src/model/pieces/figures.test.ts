import { expect, test } from "vitest";
import type { Unit } from "../../api/client";
import { lengthShown, running, splitFigure } from "./figures";

test.each([
  ["22¼", { whole: "22", over: "1", under: "4" }],
  ["½", { whole: "", over: "1", under: "2" }],
  ["3 1⁄16", { whole: "3", over: "1", under: "16" }],
  ["13⁄16", { whole: "", over: "13", under: "16" }],
  ["≈27 15⁄16", { whole: "≈27", over: "15", under: "16" }],
  ["−⅜", { whole: "−", over: "3", under: "8" }],
  ["565", { whole: "565" }],
])("%s is taken apart", (text, parts) => expect(splitFigure(text)).toEqual(parts));

test.each([
  [228.6, "in", "¼ yd"],
  [914.4, "in", "1 yd"],
  [1143, "in", "1¼ yd"],
  [230, "cm", "0.2 m"],
  [1450, "mm", "1.4 m"],
] as const)("%s mm in a job in %s is said as %s", (length, unit, text) =>
  expect(running(length, unit)).toBe(text),
);

test("a place on the roll is shown as a tape shows it", () => {
  expect(["in", "cm", "mm"].map((unit) => lengthShown(0, unit as Unit))).toEqual(["0 in", "0.0 cm", "0 mm"]);
  expect([6.35, 31.75, 25.4, 1371.6].map((at) => lengthShown(at, "in"))).toEqual([
    "¼ in",
    "1¼ in",
    "1 in",
    "54 in",
  ]);
  expect([lengthShown(1234.4, "cm"), lengthShown(1234.6, "mm")]).toEqual(["123.4 cm", "1235 mm"]);
});

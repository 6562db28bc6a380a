import { expect, test } from "vitest";
import type { Mark } from "../../api/client";
import { pieceOf } from "../../testing";
import { chalkLabels, widthOfLabel } from "./chalk";

const mark = (
  kind: Mark["kind"],
  countedFrom: Mark["countedFrom"],
  distance: string,
  from: number[],
  to = from,
): Mark => ({
  kind,
  label: "",
  place: "",
  countedFrom,
  distance,
  from,
  to,
  edge: null,
  at: null,
});

test("what is counted from the left stands above where it is, what is counted from the top beside it, each once", () => {
  const piece = pieceOf({
    marks: [
      mark("notch", "left", "30", [30, 50]),
      mark("notch", "left", "30", [30, 0]), // the edge opposite says the same
      mark("notch", "left", "70", [70, 0]),
      mark("notch", "top", "10", [0, 40]),
      mark("notch", "top", "10", [100, 40]),
      mark("fold", "top", "25", [0, 25], [100, 25]),
      mark("corner-line", "left", "5", [5, 0], [0, 5]),
    ],
  });
  expect(chalkLabels(piece, 3).map(({ side, at, text }) => `${side} ${at} ${text}`)).toEqual([
    "left 40 10",
    "left 25 fold 25",
    "top 30 30",
    "bottom 70 70",
  ]);
});

test("figures that have no room beside one another stand one above the other", () => {
  const marks = [10, 12, 14, 60].map((x) => mark("notch", "left", `${x}⅝`, [x, 50]));
  const labels = chalkLabels(pieceOf({ marks }), 1);
  expect(labels.map(({ line }) => line)).toEqual([0, 1, 2, 0]);
  for (const [i, one] of labels.entries()) {
    for (const other of labels.slice(i + 1).filter(({ line }) => line === one.line)) {
      expect(Math.abs(one.at - other.at)).toBeGreaterThanOrEqual(
        (widthOfLabel(one.text) + widthOfLabel(other.text)) / 2,
      );
    }
  }
});

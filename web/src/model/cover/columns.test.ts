import { expect, test } from "vitest";
import { lists, pointsFromBaseline, rowsOf, type ListRow } from "./columns";

const { columns } = lists.points!;

test("points are read however they were written", () => {
  const expected = [
    { x: "0", y: "0" },
    { x: "20", y: "0", rise: "1" },
  ];
  expect(rowsOf("0, 0; 20, 0, 1", columns)).toEqual(expected);
  expect(rowsOf(["0, 0", "20, 0, 1"], columns)).toEqual(expected);
  expect(
    rowsOf(
      [
        ["0", "0"],
        ["20", "0", "1"],
      ],
      columns,
    ),
  ).toEqual(expected);
  expect(rowsOf(expected, columns)).toEqual(expected);
  expect(rowsOf(undefined, columns)).toEqual([]);
});

test("off a base line the outline runs up the right side and back down the left", () => {
  const rows: ListRow[] = [
    { along: "0", right: "24" },
    { along: "20", right: "30", left: "2 1/2" },
    { along: "40", right: "28" },
    { along: "", right: "5" },
  ];
  expect(pointsFromBaseline(rows)).toEqual([
    { x: "24", y: "0" },
    { x: "30", y: "20" },
    { x: "28", y: "40" },
    { x: "0", y: "40" },
    { x: "-2 1/2", y: "20" },
    { x: "0", y: "0" },
  ]);
});

import { expect, test } from "vitest";
import { cornersOf, placesOf, putAfter, rowsOfBlock, withBlock } from "./trimmed";

test("the points of one block stand among those of the others and are changed by themselves", () => {
  const list = withBlock([], "block-1", cornersOf("10", "20"));
  const both = withBlock(list, "block-2", [{ edge: "bottom", x: "0", y: "0" }]);
  expect(rowsOfBlock(both, "block-1")).toEqual(cornersOf("10", "20"));
  expect(withBlock(both, "block-1", [])).toEqual([{ block: "block-2", edge: "bottom", x: "0", y: "0" }]);
  expect(rowsOfBlock(undefined, "block-1")).toEqual([]);
});

test("a point is put in along an edge, and its place is known when it is typed", () => {
  const rows = putAfter(cornersOf("10", "20"), 1);
  expect(rows.map(({ edge }) => edge)).toEqual(["bottom", "right", "", "top", "left"]);
  expect(placesOf(rows, "in")).toBeNull();
  const typed = rows.map((row) => (row.edge === "" ? { ...row, x: "10 1/2", y: "10" } : row));
  expect(placesOf(typed, "in")?.[2]).toEqual([266.7, 254]);
});

import { expect, test } from "vitest";
import type { Draft } from "../../api/client";
import { cutRows } from "./cutRows";

const piece = (key: string, number: number) => ({ key, number, name: key });

test("a row has the shape of its first piece and the numbers of all of them", () => {
  const draft = {
    pieces: [piece("plate", 1), piece("boxing-1", 2), piece("boxing-2", 3), piece("boxing-3", 4)],
    cutRows: [
      { name: "Plate", quantity: 2, pieces: ["plate"] },
      { name: "Boxing 1, 3 of 3", quantity: 2, pieces: ["boxing-1", "boxing-3"] },
      { name: "Boxing 2 of 3", quantity: 1, pieces: ["boxing-2"] },
    ],
  } as unknown as Draft;
  expect(cutRows(draft).map((row) => [row.name, row.piece.key, row.numbers])).toEqual([
    ["Plate", "plate", [1]],
    ["Boxing 1, 3 of 3", "boxing-1", [2, 4]],
    ["Boxing 2 of 3", "boxing-2", [3]],
  ]);
});

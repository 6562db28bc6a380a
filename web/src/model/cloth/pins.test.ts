import { expect, test } from "vitest";
import { yardage } from "../../testing";
import { isPinned, nextTurn, pinOf, settled, sizeOf, withPin } from "./pins";

const piece = yardage.pieces[0]!; // 100 across, 50 along
const place = { piece: "a/plate", copy: 1, turn: 0, x: 30, y: 40, remnant: null };

test("a pin is put in, moved and taken out, the others stay", () => {
  const other = { ...pinOf(place), copy: 2 };
  const pins = withPin([other], "a/plate.1", pinOf(place));
  expect(pins).toEqual([other, pinOf(place)]);
  expect(isPinned(pins, place)).toBe(true);
  expect(isPinned(pins, { ...place, y: 41 })).toBe(false);
  expect(withPin(pins, "a/plate.1", { ...pinOf(place), x: 5 })[1]?.x).toBe(5);
  expect(withPin(pins, "a/plate.1", null)).toEqual([other]);
});

test("put down near the selvage or a neighbour it lies against it, never off the cloth", () => {
  const beside = [{ x: 0, y: 0, across: 200, along: 300 }];
  const down = (x: number, y: number, others = beside) => settled({ ...place, x, y }, piece, 500, others, 10);
  expect(down(395, 100)).toMatchObject({ x: 400, y: 100 }); // the other selvage
  expect(down(207, 305)).toMatchObject({ x: 200, y: 300 }); // the neighbour's edges
  expect(down(-60, -20, [])).toMatchObject({ x: 0, y: 0 });
  expect(down(700, 90, [])).toMatchObject({ x: 400, y: 90 });
  expect(down(250, 90)).toMatchObject({ x: 250, y: 90 });
});

test("turning goes through the turns allowed", () => {
  expect(nextTurn(piece, 0)).toBe(180);
  expect(nextTurn(piece, 180)).toBe(0);
  expect(nextTurn({ ...piece, turns: [0] }, 0)).toBe(0);
  expect(sizeOf(piece, 90)).toEqual({ across: 50, along: 100 });
});

import { expect, it } from "vitest";
import type { Print, Yardage } from "../../api/client";
import { onCloth, petals, printOn, tileOf } from "./print";

const print: Print = {
  kind: "stripe",
  ground: "#ffffff",
  ink: "#000000",
  figure: 20,
  width: 80,
  length: 120,
  halfDrop: false,
  x: -10,
  y: 5,
  picture: null,
};
const piece = {
  id: "c/top",
  cover: "c",
  key: "top",
  number: 1,
  name: "Top",
  copies: 2,
  outline: [
    [-5, -5],
    [95, -5],
    [95, 45],
    [-5, 45],
  ],
  turns: [0, 180],
};
const place = (turn: number, x: number, y: number, copy = 1, id = piece.id) => ({
  piece: id,
  copy,
  turn,
  x,
  y,
  remnant: null,
});

it("a stripe stands in the middle of its repeat, a check crosses it, a half drop takes two repeats", () => {
  expect(tileOf(print)).toEqual({
    width: 80,
    height: 120,
    marks: [{ kind: "bar", x: 30, y: 0, width: 20, height: 120, opacity: 1 }],
  });
  expect(tileOf({ ...print, kind: "check" }).marks).toContainEqual({
    kind: "bar",
    x: 0,
    y: 50,
    width: 80,
    height: 20,
    opacity: 0.6,
  });
  const dropped = tileOf({ ...print, kind: "motif", halfDrop: true });
  expect(dropped.width).toBe(160);
  expect(dropped.marks.map(({ x, y }) => [x, y])).toEqual([
    [40, 60],
    [120, 0],
    [120, 120],
  ]);
  expect(tileOf({ ...print, kind: "plain", width: 0, length: 0 }).marks).toEqual([]);
});

it("a picture fills its repeat; in a half drop the second column stands half a repeat lower, and twice, so that nothing is open", () => {
  expect(tileOf({ ...print, kind: "picture" })).toEqual({
    width: 80,
    height: 120,
    marks: [{ kind: "picture", x: 0, y: 0, width: 80, height: 120 }],
  });
  const dropped = tileOf({ ...print, kind: "picture", halfDrop: true });
  expect(dropped.width).toBe(160);
  expect(dropped.marks.map(({ x, y }) => [x, y])).toEqual([
    [0, 0],
    [80, -60],
    [80, 60],
  ]);
});

it("a motif is as wide as is said, round its middle", () => {
  const points = petals({ x: 10, y: 20, size: 8 }).flat();
  expect(Math.max(...points.map(([x]) => x))).toBeCloseTo(14);
  expect(Math.min(...points.map(([x]) => x))).toBeCloseTo(6);
  for (const [x, y] of points) {
    expect(Math.hypot(x - 10, y - 20)).toBeLessThanOrEqual(4.001);
  }
});

it("a piece lies on its cloth as it is turned, its least corner where the lay says", () => {
  expect(onCloth(piece, place(0, 200, 300))([0, 0])).toEqual([205, 305]);
  expect(onCloth(piece, place(180, 200, 300))([0, 0])).toEqual([295, 345]);
  expect(onCloth(piece, place(90, 200, 300))([0, 0])).toEqual([245, 305]);
  expect(onCloth(piece, place(270, 200, 300))([0, 0])).toEqual([205, 395]);
});

it("each copy shows the print where it lies; one that lies turned over shows its mirror image only where it is cut so", () => {
  const laid = {
    print,
    pieces: [piece],
    lay: { placements: [place(0, 0, 0), place(0, 200, 0, 2)] },
  } as unknown as Yardage;
  expect(printOn([null, laid], "c", "top", 2)?.at([0, 0])).toEqual([205, 5]);
  expect(printOn([laid], "c", "top", 1, true)?.at([-10, 0])).toEqual([15, 5]);
  const over = { ...piece, id: "c/top/mirrored", outline: piece.outline.map(([x = 0, y = 0]) => [-x, y]) };
  const both = {
    ...laid,
    pieces: [piece, over],
    lay: { placements: [place(0, 0, 0), place(0, 200, 0, 1, over.id)] },
  } as unknown as Yardage;
  expect(printOn([both], "c", "top", 1, true)?.at([-10, 0])).toEqual([285, 5]);
  expect(printOn([both], "other", "top")).toBeNull();
  expect(printOn([{ ...laid, print: null } as Yardage], "c", "top")).toBeNull();
});

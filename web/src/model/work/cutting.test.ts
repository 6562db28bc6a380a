import { expect, test } from "vitest";
import type { ClothCutting, CutCard, CutMark, WorkEntry } from "../../api/client";
import { entryOf as entry } from "../../testing";
import { cutOfCloth, isOutdated, isUnsafe, marksInOrder, turnsLeft } from "./cutting";
import { readFigure } from "../pieces/readFigure";

const cutCard = (piece: string, copies: number[]): CutCard => ({
  cover: "a",
  coverName: "Seat",
  piece,
  code: "A1",
  name: "Plate",
  quantity: copies.length,
  mirrored: false,
  block: false,
  turn: 0,
  across: 100,
  along: 50,
  acrossShown: "4",
  alongShown: "2",
  chalk: { box: true, radius: null, centre: null, corners: [], marks: [], outline: [], stitchLine: [] },
  outline: [],
  copies: copies.map((copy) => ({
    copy,
    x: 0,
    y: copy * 50,
    acrossShown: "0",
    alongShown: "2",
    fromRight: "0",
  })),
  remnant: null,
  folded: false,
  cutAcross: null,
  size: { width: 100, length: 50, edges: [] },
});

const cloth: ClothCutting = {
  key: "main",
  name: "Ticking",
  usableWidth: 1300,
  length: 400,
  lengthShown: "16 in",
  available: null,
  relaid: false,
  lay: [],
  told: false,
  cards: [cutCard("plate", [2, 1]), cutCard("side", [1])],
  cut: [],
  flaws: [],
  trouble: [],
  lacking: null,
  leftOver: [],
  checks: [],
};

test("what was ticked since the lay was worked out is not cut again, but what was spoiled is", () => {
  const cut = entry("cut", {
    subject: "plate",
    number: 2,
    cut: { cloth: "main", outline: [], width: 1, length: 1, edges: [] },
  });
  const left = (entries: WorkEntry[]) =>
    turnsLeft(cloth, entries).map(({ card: { piece }, copy }) => `${piece} ${copy.copy}`);
  expect(left([])).toEqual(["plate 2", "plate 1", "side 1"]);
  expect(left([cut])).toEqual(["plate 1", "side 1"]);
  expect(cutOfCloth(cloth, [cut])).toEqual([cut]);
  const spoiled = entry("spoiled", { subject: "plate", number: 2 });
  expect(left([cut, spoiled])).toEqual(["plate 2", "plate 1", "side 1"]);
  expect(cutOfCloth(cloth, [cut, spoiled])).toEqual([]);
});

test("marks are told from the corner just chalked, and those inside last", () => {
  const place = (corner: number | null, distance: string | null, from = 0) => ({
    x: 0,
    y: 0,
    acrossShown: "5",
    alongShown: "6",
    corner,
    distance,
    from,
  });
  const marks: CutMark[] = [
    { kind: "match-point", label: "", from: place(null, null), to: null },
    { kind: "notch", label: "", from: place(2, "4½", 114.3), to: null },
    { kind: "fold", label: "", from: place(2, "¾", 19.05), to: place(4, "3½", 88.9) },
    { kind: "fold", label: "", from: place(2, "6", 152.4), to: place(2, "¾", 19.05) },
  ];
  expect(marksInOrder(marks)).toEqual([
    {
      corner: 2,
      marks: [
        { word: "fold", distance: "¾" },
        { word: "notch", distance: "4½" },
        { word: "fold", distance: "6" },
      ],
    },
    { corner: 4, marks: [{ word: "fold", distance: "3½" }] },
    { corner: null, marks: [{ word: "match point", distance: "5 across, 6 along" }] },
  ]);
});

test("a length at the table is read as it is said, and nothing else is", () => {
  expect(readFigure("12½", "in")).toBeCloseTo(317.5);
  expect(readFigure(" 12 1/2 ", "in")).toBeCloseTo(317.5);
  expect(readFigure("1/2", "in")).toBeCloseTo(12.7);
  expect(readFigure("96,5", "cm")).toBeCloseTo(965);
  expect(readFigure("96", "mm")).toBe(96);
  for (const wrong of ["", "long", "12 1/0", "-3", "12 13"]) {
    expect(readFigure(wrong, "in"), wrong).toBeNull();
  }
});

test("a lay is outdated by what was told after it, and unsafe where the cloth itself changed", () => {
  const told = [entry("lay"), entry("cut"), entry("spoiled")];
  expect([isOutdated(3, told), isOutdated(2, told), isUnsafe(2, told)]).toEqual([false, true, false]);
  expect(isOutdated(3, [...told, entry("cut"), entry("sewn")])).toBe(false);
  expect(isUnsafe(3, [...told, entry("flaw")])).toBe(true);
});

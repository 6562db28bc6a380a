import { expect, test } from "vitest";
import type { SewingCard, SewingCards } from "../../api/client";
import { entryOf as entry, pieceOf } from "../../testing";
import { changedOf, tilesOf } from "./board";
import { minutesLeft, nextTurn, toldOf, turnsOf } from "./sewing";

const card = (id: string, kind: SewingCard["kind"] = "seam", minutes = 4): SewingCard => ({
  id,
  operations: [id],
  kind,
  text: `Sew the ${id}.`,
  figure: null,
  hints: [],
  pieces: [],
  lit: [],
  seams: [],
  ring: false,
  stops: [],
  needs: [],
  minutes,
  pace: { kind, metres: 1, items: 1, share: 1 },
  soFar: [],
});

const set: SewingCards = {
  cover: "a",
  letter: "A",
  name: "Seat",
  count: 2,
  pieces: [
    { ...pieceOf({ key: "plate", quantity: 4 }) },
    { ...pieceOf({ key: "side", quantity: 4, mirrored: 2 }) },
    { ...pieceOf({ key: "casing", id: "piping", quantity: 3 }) },
  ],
  facets: [],
  cards: [card("zip", "zip"), card("top"), card("try", "try-on", 10)],
  changed: [
    {
      cover: "a",
      piece: "plate",
      copy: 3,
      code: "A1",
      name: "Plate",
      rescue: "trim-off",
      text: "It is too large.",
    },
    {
      cover: "a",
      piece: "side",
      copy: 3,
      code: "A2",
      name: "Side",
      rescue: "trim-off",
      text: "It is too large.",
    },
  ],
  schools: {},
  fitted: [],
  closing: { opening: [], unpick: null, filled: false, cautions: [] },
};

test("one cover goes through its cards, a set goes through each card together", () => {
  expect(turnsOf(set, 2).map(({ card: { id }, number }) => `${id} ${number}`)).toEqual([
    "zip 2",
    "top 2",
    "try 2",
  ]);
  const turns = turnsOf(set, null);
  expect(turns.map(({ card: { id }, number }) => `${id} ${number}`)).toEqual([
    "zip 1",
    "zip 2",
    "top 1",
    "top 2",
    "try 1",
    "try 2",
  ]);
  const told = toldOf(turns, "a", [entry("sewn"), entry("sewn", { subject: "top", number: 2 })]);
  expect(told.map(Boolean)).toEqual([true, false, false, true, false, false]);
  expect(nextTurn(told)).toBe(1);
  expect(minutesLeft(turns, told)).toBe(4 + 4 + 10 + 10);
  expect(nextTurn([entry("sewn")])).toBe(1);
});

test("a tile counts the copies that are its own, turned over or not, and the casing that is cut for all", () => {
  const cut = (subject: string, number: number) => entry("cut", { subject, number });
  const told = [cut("plate", 1), cut("plate", 2), cut("side", 1), cut("side", 3), cut("casing", 1)];
  const [one, two] = tilesOf(set, told);
  expect(one?.cut).toEqual({ done: 5, of: 5 });
  expect(two?.cut).toEqual({ done: 1, of: 5 });
  expect(one?.isTried).toBe(false);
  expect(tilesOf(set, [...told, entry("sewn", { subject: "try" })])[0]).toMatchObject({
    isTried: true,
    sewn: { done: 1, of: 3 },
    next: "Sew the zip.",
  });
});

test("a piece that was cut otherwise is told where its own cover is sewn", () => {
  const codes = (number: number) => changedOf(set, number).map(({ code }) => code);
  expect([codes(1), codes(2)]).toEqual([["A2"], ["A1"]]);
});

test("one that was tried on has its own cards, and the others keep theirs", () => {
  const fitted = [
    {
      number: 2,
      found: ["Right taken in 3/8 in."],
      cards: [
        {
          id: "top",
          figure: { shown: "⅞", unit: "in", of: "from the edge" },
          hints: ["⅞ in."],
          mend: ["Unpick it."],
        },
      ],
    },
  ];
  const turns = turnsOf({ ...set, fitted }, null).filter(({ card: { id } }) => id === "top");
  expect(turns.map(({ card: { figure }, mend }) => [figure?.shown, mend])).toEqual([
    [undefined, []],
    ["⅞", ["Unpick it."]],
  ]);
});

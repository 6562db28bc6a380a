import { expect, test } from "vitest";
import { emptyCover } from "./cover";
import { partsNet, sideOf, type PlacedPart } from "./partsNet";
import { noteOf, partsOf, presets, renamed, rowsOfPreset, usualSize, type Part } from "./parts";
import type { ListRow } from "./columns";

const partsIn = (rows: ListRow[]) => partsOf({ ...emptyCover, lists: { zones: rows } });

const wingChair = () => partsIn(rowsOfPreset(presets.find(({ id }) => id === "wing-chair") ?? presets[0]!));

const placedOf = (parts: Part[], net: PlacedPart[], name: string, isTwin = false) => {
  const found = net.find((part) => parts[part.at]?.name === name && part.isTwin === isTwin);
  expect(found, name).toBeDefined();
  return found!;
};

const usual = (parts: Part[]) => parts.map((part) => usualSize(part));

function overlaps(one: PlacedPart, other: PlacedPart): boolean {
  const hair = 0.001;
  return (
    one.left + one.width > other.left + hair &&
    other.left + other.width > one.left + hair &&
    one.top + one.height > other.top + hair &&
    other.top + other.height > one.top + hair
  );
}

/** Repeatable: the same figures on every run. */
function* figures(seed: number) {
  for (let state = seed; ; ) {
    state = (state * 1103515245 + 12345) % 2147483648;
    yield state / 2147483648;
  }
}

test("whatever the parts measure, none lies on another and each lies on the net once, a pair twice", () => {
  const random = figures(7);
  const next = () => random.next().value ?? 0;
  for (let round = 0; round < 300; round++) {
    const preset = presets[Math.floor(next() * presets.length)] ?? presets[0]!;
    const rows = rowsOfPreset(preset).filter(() => next() > 0.2);
    const parts = partsIn([...rows, { name: "Inside back" }, { name: "Gusset" }, { name: "Cap" }]);
    const net = partsNet(
      parts,
      parts.map(() => [50 + next() * 2500, 50 + next() * 900]),
    );
    net.parts.forEach((one, i) => {
      expect(one.left).toBeGreaterThanOrEqual(-0.001);
      expect(one.left + one.width).toBeLessThanOrEqual(net.width + 0.001);
      expect(one.top + one.height).toBeLessThanOrEqual(net.height + 0.001);
      net.parts.slice(i + 1).forEach((other) => expect(overlaps(one, other)).toBe(false));
    });
    parts.forEach((part, at) =>
      expect(net.parts.filter((placed) => placed.at === at)).toHaveLength(part.pair ? 2 : 1),
    );
  }
});

test("edges lie where they meet: the arm's foot on the deck, its back edge up, both backs at their tops", () => {
  const parts = wingChair();
  const { parts: net } = partsNet(parts, usual(parts));
  const [arm, twin] = [false, true].map((isTwin) => placedOf(parts, net, "Inside arm", isTwin));
  expect([sideOf("bottom", arm!), sideOf("left", arm!)]).toEqual(["left", "top"]);
  expect([sideOf("bottom", twin!), sideOf("left", twin!)]).toEqual(["right", "top"]);
  const outside = placedOf(parts, net, "Outside arm");
  expect([sideOf("top", outside), sideOf("left", outside)]).toEqual(["left", "bottom"]);
  expect(sideOf("top", placedOf(parts, net, "Outside back"))).toBe("bottom");
  const [deck, back] = [placedOf(parts, net, "Deck"), placedOf(parts, net, "Inside back")];
  expect(back.top + back.height).toBeCloseTo(deck.top);
  expect(arm!.left).toBeCloseTo(deck.left + deck.width);
  expect(twin!.left + twin!.width).toBeCloseTo(deck.left);
  expect([arm!.width, arm!.height]).toEqual([400, 580]);
});

test("a part is known by its name, however it is written, and what is no part of a chair lies beside", () => {
  expect(
    partsIn(
      [
        "Wing, outside",
        "wing",
        "Arm face",
        "outside ARM",
        "Seat",
        "Back, inside",
        "Front border",
        "Tray",
      ].map((name) => ({
        name,
      })),
    ).map(({ place }) => place),
  ).toEqual([
    "outside-wing",
    "inside-wing",
    "arm-front",
    "outside-arm",
    "deck",
    "inside-back",
    "deck-front",
    "beside",
  ]);
});

test("nothing goes down a gap at the sides of a chair without arms", () => {
  const chair = partsIn(rowsOfPreset(presets.find(({ id }) => id === "dining-chair")!));
  expect(chair.map(({ name, tucks }) => [name, tucks])).toEqual([
    ["Inside back", ["bottom"]],
    ["Outside back", []],
    ["Deck", ["top"]],
    ["Deck front", []],
  ]);
});

test("a part under another name keeps its note and its sizes", () => {
  const before = {
    ...emptyCover,
    notes: { [noteOf("Deck")]: "loose web", width: "old" },
    lists: { zones: [{ name: "Inside back" }, { name: "Deck", width: "22" }] },
  };
  const after = renamed(renamed(before, 1, ""), 1, "Seat"); // emptied first, as one does who types
  expect(after.notes).toEqual({ [noteOf("Seat")]: "loose web", width: "old" });
  expect(partsOf(after).map(({ name, width }) => [name, width])).toEqual([
    ["Inside back", ""],
    ["Seat", "22"],
  ]);
});

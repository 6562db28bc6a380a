import { expect, it } from "vitest";
import { pieceOf } from "../testing";
import { coverFrom, coverTo, emptyCover } from "./cover";
import { clothsSent, coversOn, piecesFrom, type JobDocument } from "./document";
import { emptyCloth } from "./cloth";
import { coloursOf } from "./pieceColours";
import { rolesOf, withRoles } from "./roles";
import type { Draft } from "../api/client";

const linen = { ...emptyCloth, name: "Linen", others: [{ ...emptyCloth, key: "n", name: "Navy" }] };
const job = (roles: Record<string, string[]>): JobDocument => ({
  heading: { name: "", client: "", place: "", unit: "in" },
  cloth: linen,
  covers: [
    { id: "a", cover: { ...emptyCover, roles } },
    { id: "b", cover: emptyCover },
  ],
});

it("one cloth of a role is written as its key, several as a list, and both are read again", () => {
  const roles = { piping: ["n"], side: ["n", "main"] };
  const written = coverTo({ ...emptyCover, roles });
  expect(written.roles).toEqual({ piping: "n", side: ["n", "main"] });
  expect(coverFrom(written).roles).toEqual(roles);
  expect(coverTo(emptyCover).roles).toBeUndefined();
});

it("a role without a cloth takes the cover’s own again", () => {
  const given = withRoles(emptyCover, ["top", "bottom"], ["n"]);
  expect(given.roles).toEqual({ top: ["n"], bottom: ["n"] });
  expect(withRoles(given, ["top"], []).roles).toEqual({ bottom: ["n"] });
});

it("a cover lies on its own cloth and on those given to its roles", () => {
  const document = job({ piping: ["n"] });
  expect(coversOn(document, linen).map(({ id }) => id)).toEqual(["a", "b"]);
  expect(coversOn(document, linen.others[0]!).map(({ id }) => id)).toEqual(["a"]);
});

it("cloths are sent by their keys only where there is something to give", () => {
  expect(Object.keys(clothsSent(job({})) ?? {})).toEqual(["main", "n"]);
  expect(clothsSent({ ...job({}), cloth: { ...linen, others: [] } })).toBeNull();
});

it("each cloth lists its own pieces; a facing nobody gave one stands with the cover’s own", () => {
  const pieces = [
    pieceOf({ key: "top", cloth: "main" }),
    pieceOf({ key: "piping", cloth: "n", roles: ["piping"] }),
    pieceOf({ key: "facing", cloth: "lining", roles: ["facing"] }),
  ];
  const draft = { pieces } as Draft;
  const document = job({ piping: ["n"] });
  const keysOf = (cloth: typeof emptyCloth) =>
    piecesFrom(document, document.covers[0]!.cover, draft, cloth).map(({ key }) => key);
  expect(keysOf(linen)).toEqual(["top", "facing"]);
  expect(keysOf(linen.others[0]!)).toEqual(["piping"]);
  expect(rolesOf(draft, document.covers[0]!.cover).map(({ word, given }) => [word, given])).toEqual([
    ["top", []],
    ["bottom", []],
    ["piping", ["n"]],
    ["facing", []],
  ]);
});

it("pieces are coloured by their cloth only where there are several", () => {
  const [plate, piping] = [pieceOf({ cloth: "main" }), pieceOf({ id: "piping", cloth: "n" })];
  const several = coloursOf([plate, piping], ["main", "n"]);
  expect(several(plate)).not.toBe(several(piping));
  const one = coloursOf([plate, pieceOf({ id: "boxing" })], ["main", "n"]);
  expect(one({ id: "boxing", cloth: "main" })).not.toBe(one({ id: "plate", cloth: "main" }));
});

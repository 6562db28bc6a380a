import { expect, it } from "vitest";
import { pieceOf } from "../../testing";
import { coverFrom, coverTo, emptyCover } from "../cover/cover";
import { clothsSent, coversOn, piecesFrom, type JobDocument } from "./document";
import { emptyCloth } from "../cloth/cloth";
import { coloursOf } from "../pieces/pieceColours";
import { firstStrips, partsCutFrom, pieceTouched, rolesOf, withPieced, withRoles, withStrip } from "./roles";
import type { Draft } from "../../api/client";

const role = (word: string, label = word) => ({ word, label, goesRound: false, canBePieced: true });
const known = [role("top"), role("bottom"), role("piping", "piping casing"), role("facing"), role("end")];
const linen = { ...emptyCloth, name: "Linen" };
const navy = { ...emptyCloth, key: "n", name: "Navy" };
const job = (roles: Record<string, string[]>): JobDocument => ({
  heading: { name: "", client: "", place: "", unit: "in" },
  cloths: [linen, navy],
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
  expect(coversOn(document, navy).map(({ id }) => id)).toEqual(["a"]);
});

it("cloths are sent by their keys only where there is something to give", () => {
  expect(Object.keys(clothsSent(job({})) ?? {})).toEqual(["main", "n"]);
  expect(clothsSent({ ...job({}), cloths: [linen] })).toBeNull();
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
  expect(keysOf(navy)).toEqual(["piping"]);
  expect(rolesOf(known, draft, document.covers[0]!.cover).map(({ word, given }) => [word, given])).toEqual([
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

it("strips are written among the options and read again, also as keys alone", () => {
  const pieced = {
    top: {
      run: "across" as const,
      parts: [
        { cloth: "n", width: "4" },
        { cloth: "", width: "" },
      ],
    },
  };
  const written = coverTo({ ...emptyCover, pieced });
  expect(written.options?.["pieced"]).toEqual(pieced);
  expect(coverFrom(written).pieced).toEqual(pieced);
  expect(coverTo(emptyCover).options?.["pieced"]).toBeUndefined();
  expect(coverFrom({ options: { pieced: { top: { parts: ["n", { width: 5 }] }, end: 3 } } }).pieced).toEqual({
    top: {
      run: "along",
      parts: [
        { cloth: "n", width: "" },
        { cloth: "", width: "5 mm" },
      ],
    },
    end: { run: "along", parts: [] },
  });
});

it("a part is begun in three strips, changed strip by strip and left whole again", () => {
  const begun = withPieced(emptyCover, "top", firstStrips("n"));
  expect(begun.pieced["top"]?.parts.map(({ cloth }) => cloth)).toEqual(["", "n", ""]);
  const changed = withStrip(begun, "top", 2, { cloth: "n", width: "3" });
  expect(changed.pieced["top"]?.parts[2]).toEqual({ cloth: "n", width: "3" });
  expect(withStrip(begun, "bottom", 0, { width: "3" })).toBe(begun);
  expect(withPieced(changed, "top", null).pieced).toEqual({});
});

it("a cover lies on the cloths of its strips, and they say what is cut from them", () => {
  const pieced = { top: firstStrips("n") };
  const document = job({});
  document.covers[0]!.cover = { ...emptyCover, roles: { piping: ["n"] }, pieced };
  document.covers[1]!.cover = { ...emptyCover, pieced };
  expect(coversOn(document, navy).map(({ id }) => id)).toEqual(["a", "b"]);
  expect(partsCutFrom(known, document.covers[0]!.cover, "n")).toEqual(["piping casing", "top, strip 2"]);
  expect(
    partsCutFrom(
      known,
      {
        ...emptyCover,
        pieced: { end: { run: "along", parts: ["n", "", "n"].map((cloth) => ({ cloth, width: "" })) } },
      },
      "n",
    ),
  ).toEqual(["end, strips 1 and 3"]);
  expect(clothsSent({ ...document, cloths: [linen] })).not.toBeNull();
});

it("a piece that falls into parts, or comes together again, is still the one that was touched", () => {
  const keyed = (...keys: string[]) => keys.map((key) => pieceOf({ key }));
  expect(pieceTouched(keyed("top", "strip"), "strip")?.key).toBe("strip");
  expect(pieceTouched(keyed("top", "strip-1", "strip-2"), "strip")?.key).toBe("strip-1");
  expect(pieceTouched(keyed("top", "plate"), "plate-top")?.key).toBe("plate");
  expect(pieceTouched(keyed("top", "plate"), "boxing")?.key).toBe("top");
  expect(pieceTouched(keyed("top", "plate"), null)?.key).toBe("top");
});

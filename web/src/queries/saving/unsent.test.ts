// @vitest-environment jsdom
import { expect, test } from "vitest";
import { emptyCloth } from "../../model/cloth/cloth";
import { emptyCover } from "../../model/cover/cover";
import { differing } from "./parts";
import { unsentFrom } from "./unsent";

const heading = { name: "Saloon", client: "", place: "", unit: "in" };
const covers = [{ id: "a", cover: emptyCover }];
/** A cloth as the version before kept it: with the others inside the first. */
const before = (width: string, ...others: object[]) => ({ ...emptyCloth, width, others });
const navy = before("60");

/** What the version before kept of a job: all its cloths in one part. */
const earlier = (now: object, stored: object, choose?: string[]) =>
  JSON.stringify({
    document: { heading, cloth: now, covers },
    stored: [
      ["heading", { version: 3, body: JSON.stringify(heading) }],
      ["cloth", { version: 5, body: JSON.stringify(stored) }],
      ["cover/a", { version: 7, body: JSON.stringify({ position: 0, cover: emptyCover }) }],
    ],
    ...(choose && { choose }),
  });

const changes = (text: string) => {
  const { document, stored } = unsentFrom(text);
  return differing("job", document, new Map(stored)).map(({ key, body }) => [
    key,
    body === "" ? "removed" : "changed",
  ]);
};

test("an outbox of an earlier version opens with all its cloths, and only what was typed is sent", () => {
  const stored = before("54", { ...navy, key: "navy" });
  const { document } = unsentFrom(earlier(before("54", { ...navy, key: "navy", width: "58" }), stored));
  expect(document.cloths.map(({ key, width }) => [key, width])).toEqual([
    ["", "54"],
    ["navy", "58"],
  ]);
  expect(document).not.toHaveProperty("cloth");
  expect(changes(earlier(stored, stored))).toEqual([]);
  expect(changes(earlier(before("54", { ...navy, key: "navy", width: "58" }), stored))).toEqual([
    ["cloth/navy", "changed"],
  ]);
  expect(changes(earlier(before("56"), stored))).toEqual([
    ["cloth/main", "changed"],
    ["cloth/navy", "removed"],
  ]);
});

test("a cloth is sent with the version the store has it under", () => {
  const { stored } = unsentFrom(earlier(before("54"), before("54", { ...navy, key: "navy" })));
  expect(stored.map(([part, { version }]) => [part, version])).toEqual([
    ["heading", 3],
    ["cloth/main", 5],
    ["cloth/navy", 0],
    ["cover/a", 7],
  ]);
});

test("a cloth without a key, or with one that is taken, gets the key the store gives it", () => {
  const kept = before("54", navy, { ...navy, key: "main" }, { ...navy, key: "navy" });
  const { document } = unsentFrom(earlier(kept, kept, ["cloth"]));
  expect(document.cloths.map(({ key }) => key)).toEqual(["", "cloth-2", "cloth-3", "navy"]);
  expect(unsentFrom(earlier(kept, kept, ["cloth"])).choose).toEqual([
    "cloth/main",
    "cloth/cloth-2",
    "cloth/cloth-3",
    "cloth/navy",
  ]);
});

test("what is kept today opens as it is", () => {
  const text = JSON.stringify({ document: { heading, cloths: [emptyCloth], covers }, stored: [] });
  expect(unsentFrom(text)).toEqual(JSON.parse(text));
});

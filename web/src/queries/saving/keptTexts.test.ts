// @vitest-environment jsdom
import "fake-indexeddb/auto";
import { openDB } from "idb";
import { beforeEach, expect, test, vi } from "vitest";
import { KeptTexts } from "./keptTexts";

const inDatabase = async () => {
  const database = await openDB("wrapper", 1);
  const keys = (await database.getAllKeys("texts")).map(String);
  database.close();
  return keys;
};

let number = 0;
/** Texts under a prefix of their own. */
const fresh = () => `test-${++number}/`;

beforeEach(() => localStorage.clear());

test("a text is safe at once, and moves to IndexedDB", async () => {
  const prefix = fresh();
  const texts = new KeptTexts(prefix);
  texts.set("a", "one");
  expect(localStorage.getItem(`${prefix}a`)).toBe("one"); // before anything else can happen
  await texts.settled();
  expect(localStorage).toHaveLength(0);
  expect(await inDatabase()).toContain(`${prefix}a`);
  expect(texts.get("a")).toBe("one");
});

test("the page that comes after reads it, and what was removed is gone", async () => {
  const prefix = fresh();
  const before = new KeptTexts(prefix);
  before.set("a", "one");
  before.set("b", "two");
  before.remove("b");
  await before.settled();
  const after = new KeptTexts(prefix);
  expect(after.keys()).toEqual([]);
  await after.look();
  expect(after.keys()).toEqual(["a"]);
  expect(after.get("a")).toBe("one");
  before.remove("a");
  await before.settled();
  await after.look();
  expect(after.get("a")).toBeNull();
});

test("what an older page left in the small storage is read, and moves", async () => {
  const prefix = fresh();
  localStorage.setItem(`${prefix}old`, "typed long ago");
  localStorage.setItem(`${prefix}open`, "of a page that is open");
  const texts = new KeptTexts(prefix);
  expect(texts.get("old")).toBe("typed long ago");
  texts.adopt((key) => key === "old");
  await texts.settled();
  expect(Object.keys(localStorage)).toEqual([`${prefix}open`]);
  expect(texts.get("old")).toBe("typed long ago");
  expect(texts.keys().sort()).toEqual(["old", "open"]);
});

test("the last of many writes counts, also where the small storage is full", async () => {
  const prefix = fresh();
  const texts = new KeptTexts(prefix);
  for (let i = 0; i < 20; i++) {
    texts.set("a", `text ${i}`);
  }

  const full = vi.spyOn(Storage.prototype, "setItem").mockImplementation(() => {
    throw new DOMException("full", "QuotaExceededError");
  });
  expect(texts.set("a", "the last")).toBe(true);
  full.mockRestore();
  await texts.settled();
  const after = new KeptTexts(prefix);
  await after.look();
  expect(after.get("a")).toBe("the last");
  expect(localStorage).toHaveLength(0);
});

test("a text of a later version is left alone", async () => {
  const prefix = fresh();
  const texts = new KeptTexts(prefix);
  texts.set("a", "one");
  await texts.settled();
  const database = await openDB("wrapper", 1);
  await database.put("texts", { version: 9, text: "another shape" }, `${prefix}later`);
  const after = new KeptTexts(prefix);
  await after.look();
  expect(after.keys()).toEqual(["a"]);
  expect(await database.get("texts", `${prefix}later`)).toEqual({ version: 9, text: "another shape" });
  database.close();
});

// @vitest-environment jsdom
import { beforeEach, expect, test } from "vitest";
import { foundHere, keepHere, lookForFound } from "./foundHere";
import { useSetAside } from "./setAside";

const first = { job: "j", cover: "a", number: 1 };

beforeEach(() => {
  localStorage.clear();
  useSetAside.setState({ aside: [] });
});

test("what was found outlives the page until it is written down", () => {
  expect(foundHere(first, "in")).toBeNull();
  keepHere(first, "in", { moves: { right: 6, left: 0 }, isCarried: false });
  expect(foundHere(first, "in")).toEqual({ moves: { right: 6, left: 0 }, isCarried: false });
  expect(foundHere({ ...first, number: 2 }, "in")).toBeNull();
  expect(foundHere({ ...first, cover: "b" }, "in")).toBeNull();
  keepHere(first, "in", { moves: { right: 0 }, isCarried: true });
  expect(foundHere(first, "in")).toBeNull();
  expect(localStorage).toHaveLength(0);
});

test("a job that is in another unit now has it in that", () => {
  keepHere(first, "in", { moves: { right: 6, left: -2 }, isCarried: true });
  expect(foundHere(first, "cm")?.moves).toEqual({ right: 10, left: -3 });
  keepHere(first, "mm", { moves: { right: 10 }, isCarried: true });
  expect(foundHere(first, "in")?.moves).toEqual({ right: 6 });
});

test.each([
  "{ half",
  "5",
  '{"isCarried":true,"unit":"in"}',
  '{"isCarried":true,"unit":"in","moves":{"right":"6"}}',
  '{"isCarried":true,"unit":"ell","moves":{}}',
])("findings that cannot be read (%s) count as none, and are set aside in sight", async (text) => {
  localStorage.setItem("wrapper-found/j/a/1", text);
  await lookForFound();
  expect(foundHere(first, "in")).toBeNull();
  expect(useSetAside.getState().aside).toMatchObject([{ key: "found/j/a/1", text }]);
});

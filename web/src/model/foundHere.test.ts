// @vitest-environment jsdom
import { beforeEach, expect, test } from "vitest";
import { foundHere, keepHere } from "./foundHere";

beforeEach(() => localStorage.clear());

test("what was found outlives the page until it is written down", () => {
  expect(foundHere("j", "a", 1, "in")).toBeNull();
  keepHere("j", "a", 1, "in", { moves: { right: 6, left: 0 }, isCarried: false });
  expect(foundHere("j", "a", 1, "in")).toEqual({ moves: { right: 6, left: 0 }, isCarried: false });
  expect(foundHere("j", "a", 2, "in")).toBeNull();
  expect(foundHere("j", "b", 1, "in")).toBeNull();
  keepHere("j", "a", 1, "in", { moves: { right: 0 }, isCarried: true });
  expect(foundHere("j", "a", 1, "in")).toBeNull();
});

test("a job that is in another unit now has it in that", () => {
  keepHere("j", "a", 1, "in", { moves: { right: 6, left: -2 }, isCarried: true });
  expect(foundHere("j", "a", 1, "cm")?.moves).toEqual({ right: 10, left: -3 });
  keepHere("j", "a", 1, "mm", { moves: { right: 10 }, isCarried: true });
  expect(foundHere("j", "a", 1, "in")?.moves).toEqual({ right: 6 });
});

test("what nobody can read is nothing found", () => {
  localStorage.setItem("wrapper-found/j/a/1", "{ half");
  expect(foundHere("j", "a", 1, "in")).toBeNull();
});

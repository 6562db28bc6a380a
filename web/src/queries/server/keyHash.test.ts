import { expect, it } from "vitest";
import { keyHash } from "./keyHash";

it("alike keys are known by the same, others are not, and the order of names is no difference", () => {
  expect(keyHash(["yardage", { a: 1, b: [2] }])).toBe(keyHash(["yardage", { b: [2], a: 1 }]));
  expect(keyHash(["yardage", { a: 1 }])).not.toBe(keyHash(["yardage", { a: 2 }]));
  expect(keyHash(["jobs", "a,b"])).not.toBe(keyHash(["jobs", "a", "b"]));
});

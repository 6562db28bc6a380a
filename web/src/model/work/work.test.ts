import { expect, test } from "vitest";
import { entryOf as entry } from "../../testing";
import { cutOf, holderOf, inForce, closedOf, sewnOn } from "./work";

test("what was a mistake does not count, and who told it first does", () => {
  const [first, second] = [entry("sewn", { by: "Wren" }), entry("sewn", { by: "Tern" })];
  expect(sewnOn([first, second], { cover: "a", number: 1 }).get("zip")).toBe(first);
  const undone = entry("undone", { subject: first.id });
  expect(sewnOn([first, second, undone], { cover: "a", number: 1 }).get("zip")).toBe(second);
  expect(inForce([first, undone])).toEqual([]);
  expect(sewnOn([first], { cover: "a", number: 2 }).size).toBe(0);
});

test("a copy that was spoiled is no longer cut, and cut again it is", () => {
  const cut = (number: number) => entry("cut", { subject: "plate", number });
  const told = [cut(1), cut(2), entry("spoiled", { subject: "plate", number: 1 })];
  expect([...(cutOf(told, "a").get("plate") ?? [])]).toEqual([2]);
  expect([...(cutOf([...told, cut(1)], "a").get("plate") ?? [])].sort()).toEqual([1, 2]);
});

test("the last who took it has it in hand", () => {
  const held = [entry("holds", { by: "Wren" }), entry("holds", { by: "Tern" })];
  expect(holderOf(held, { cover: "a", number: 1 })).toBe("Tern");
  expect(holderOf(held, { cover: "a", number: 2 })).toBe("");
  const closed = entry("closed");
  expect(closedOf([closed], { cover: "a", number: 1 })).toBe(closed);
  expect(closedOf([closed], { cover: "a", number: 2 })).toBeNull();
});

import { expect, test } from "vitest";
import { firstTerm, glossary, meaningOf } from "./glossary";

test("a word is found where it stands, whole, in capitals or not, the longer one first", () => {
  expect(firstTerm("Zip boxing 1 of 2")).toEqual({ before: "Zip ", word: "boxing", after: " 1 of 2" });
  expect(firstTerm("Plates alike")).toEqual({ before: "", word: "Plates", after: " alike" });
  expect(firstTerm("half drop")).toEqual({ before: "", word: "half drop", after: "" });
  expect(firstTerm("a display of delays")).toBeNull();
});

test("every word has its meaning, under each of its names", () => {
  for (const [word, sentence] of glossary) {
    expect(meaningOf(word.replace(/ \(.*/, ""))).toBe(sentence);
  }

  expect(meaningOf("Welts")).toBe(meaningOf("piping"));
  expect(meaningOf("sofa")).toBeNull();
});

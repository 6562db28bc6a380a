import { expect, test } from "vitest";
import { inSentence } from "./words";

test.each([
  ["T, two ears", "T, two ears"],
  ["Tapered", "tapered"],
  ["Free outline", "free outline"],
])("%s is %s within a sentence", (label, text) => expect(inSentence(label)).toBe(text));

/** Words of the trade that stand on the screens, each in one sentence for somebody who begins. */
export const glossary: [string, string][] = [
  ["allowance", "cloth beyond the stitch line, folded inside when it is sewn"],
  ["bias", "at 45° to the threads: there cloth gives, and goes round corners"],
  ["boxing", "the strip that goes round between two plates and makes the height of a cushion"],
  ["casing", "a strip sewn round a cord for piping, or a hem with room for elastic"],
  ["drop", "how far something hangs down from an edge"],
  ["gusset", "a strip let in between two faces to give them depth"],
  ["half drop", "a pattern whose next column begins half a repeat lower"],
  ["join", "a seam that is there only because the cloth is too narrow or a strip too long"],
  ["lay", "where every piece lies on the cloth"],
  ["nap", "a pile or print that looks right one way up alone"],
  ["notch", "a small snip at the edge that meets its like when two pieces are sewn"],
  ["piping (welt)", "a covered cord sewn into a seam"],
  ["plate", "the top or bottom piece of a cushion"],
  ["railroaded", "cloth turned a quarter, so that its length runs across the thing"],
  ["repeat", "how far it is until a pattern comes again"],
  ["selvage", "the woven edge of a cloth, which is cut off"],
  ["tuck-in", "cloth that is pushed down a gap to hold a loose cover"],
];

/** Every way a word of the glossary stands on a screen, with its sentence. */
const sentences = new Map(
  glossary.flatMap(([word, sentence]) =>
    (/^(.*) \((.*)\)$/.exec(word)?.slice(1) ?? [word]).map((one): [string, string] => [one, sentence]),
  ),
);

const anywhere = new RegExp(
  `\\b(${[...sentences.keys()].sort((a, b) => b.length - a.length).join("|")})s?\\b`,
  "i",
);

/** What a word means, in one sentence; null for one that is not in the glossary. */
export function meaningOf(word: string): string | null {
  const plain = word.toLowerCase();
  return sentences.get(plain) ?? sentences.get(plain.replace(/s$/, "")) ?? null;
}

/** Takes a text apart round its first word of the glossary; null where it has none. */
export function firstTerm(text: string): { before: string; word: string; after: string } | null {
  const found = anywhere.exec(text);
  return found
    ? {
        before: text.slice(0, found.index),
        word: found[0],
        after: text.slice(found.index + found[0].length),
      }
    : null;
}

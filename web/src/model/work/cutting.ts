import type { ClothCutting, CutCard, WorkEntry } from "../../api/client";
import { cutOf, inForce, told } from "./work";

/** A copy of a card that is to be cut. */
export interface CutTurn {
  card: CutCard;
  copy: CutCard["copies"][number];
}

/** What is still to be cut of a cloth, in order: what was ticked here since the lay was worked out is not among it. */
export function turnsLeft(cloth: ClothCutting, entries: WorkEntry[]): CutTurn[] {
  const cut = new Map<string, Map<string, Set<number>>>();
  const isCut = ({ cover, piece }: CutCard, copy: number) => {
    const pieces = cut.get(cover) ?? cutOf(entries, cover);
    cut.set(cover, pieces);
    return pieces.get(piece)?.has(copy) ?? false;
  };
  return cloth.cards.flatMap((card) =>
    card.copies.filter(({ copy }) => !isCut(card, copy)).map((copy) => ({ card, copy })),
  );
}

/** What was cut of a cloth and lies good, the last first. */
export function cutOfCloth(cloth: ClothCutting, entries: WorkEntry[]): WorkEntry[] {
  const known = new Map<string, WorkEntry>();
  for (const entry of inForce(entries)) {
    const key = `${entry.cover} ${entry.subject} ${entry.number}`;
    if (entry.kind === "cut" && entry.cut?.cloth === cloth.key) {
      known.delete(key); // the last comes last
      known.set(key, entry);
    } else if (entry.kind === "spoiled") {
      known.delete(key);
    }
  }

  return [...known.values()].reverse();
}

/** The piece is cut as it was shown: that size is kept, whatever is measured later. */
export function cutEntry(
  cloth: ClothCutting,
  { card, copy }: CutTurn,
  by: string,
  minutes: number,
): WorkEntry {
  return told("cut", by, {
    cover: card.cover,
    number: copy.copy,
    subject: card.piece,
    minutes: Math.round(minutes * 100) / 100,
    pace: { kind: "cut", metres: 0, items: 1, share: 1 },
    cut: {
      cloth: cloth.key,
      outline: card.outline.map(([x = 0, y = 0]) => [x + copy.x, y + copy.y]),
      width: card.size.width,
      length: card.size.length,
      edges: card.size.edges,
      remnant: card.remnant,
    },
  });
}

/** The lay that is cut by, told with the first piece: later it is known where the others were meant to lie. */
export function layEntry(cloth: ClothCutting, by: string): WorkEntry {
  return told("lay", by, { subject: cloth.key, lay: cloth.lay });
}

const changes = new Set(["spoiled", "flaw", "shorter", "undone"]);

/** Something was told since the lay was worked out that changes it: what is left has to be laid again. */
export function isOutdated(known: number, entries: WorkEntry[]): boolean {
  return entries.slice(known).some(({ kind }) => changes.has(kind));
}

/** The same, where the places that are known may not be cut by any more: other pieces lie right also round a spoiled one. */
export function isUnsafe(known: number, entries: WorkEntry[]): boolean {
  return entries.slice(known).some(({ kind }) => kind === "flaw" || kind === "shorter");
}

type Mark = CutCard["chalk"]["marks"][number];

/** What is marked on a piece from one corner on: each with its distance along the edge. */
export interface MarksFrom {
  /** The corner; null for what lies inside the piece. */
  corner: number | null;
  marks: { word: string; distance: string }[];
}

const words: Record<string, string> = {
  notch: "notch",
  fold: "fold",
  "corner-line": "corner line",
  dart: "dart",
  "zip-stop": "zip stop",
  top: "top",
  "match-point": "match point",
  "drill-point": "drill point",
  "gap-end": "gap end",
  "unpick-point": "unpick point",
};

/** The marks of a piece in the order a hand meets them going round it; two of a kind at one place are one. */
export function marksInOrder(marks: Mark[]): MarksFrom[] {
  const places = marks.flatMap(({ kind, from, to }) =>
    [from, ...(to ? [to] : [])].map((place) => ({ place, word: words[kind] ?? kind })),
  );
  places.sort(
    (one, other) =>
      (one.place.corner ?? Infinity) - (other.place.corner ?? Infinity) || one.place.from - other.place.from,
  );
  const all: MarksFrom[] = [];
  for (const { place, word } of places) {
    const { corner } = place;
    const distance =
      corner === null ? `${place.acrossShown} across, ${place.alongShown} along` : (place.distance ?? "");
    let last = all.at(-1);
    if (last?.corner !== corner) {
      last = { corner, marks: [] };
      all.push(last);
    }

    if (!last.marks.some((known) => known.word === word && known.distance === distance)) {
      last.marks.push({ word, distance });
    }
  }

  return all;
}

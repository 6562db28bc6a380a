import type { SewingCard, SewingCards, WorkEntry } from "../api/client";
import { sewnOn } from "./work";

/** A card of one of the covers alike. */
export interface CardTurn {
  card: SewingCard;
  number: number;
}

/** What is sewn in order: one cover through, or each card on all the covers alike before the next. */
export function turnsOf(sewing: SewingCards, number: number | null): CardTurn[] {
  return number !== null
    ? sewing.cards.map((card) => ({ card, number }))
    : sewing.cards.flatMap((card) =>
        Array.from({ length: sewing.count }, (_, i) => ({ card, number: i + 1 })),
      );
}

/** What was told of each turn; null where nothing was. */
export function toldOf(turns: CardTurn[], cover: string, entries: WorkEntry[]): (WorkEntry | null)[] {
  const sewn = new Map<number, Map<string, WorkEntry>>();
  return turns.map(({ card, number }) => {
    const known = sewn.get(number) ?? sewnOn(entries, { cover, number });
    sewn.set(number, known);
    return known.get(card.id) ?? null;
  });
}

/** The first turn of which nothing was told; the number of turns where all is done. */
export function nextTurn(told: (WorkEntry | null)[]): number {
  const next = told.indexOf(null);
  return next < 0 ? told.length : next;
}

/** Minutes that are still to come, by the estimates. */
export function minutesLeft(turns: CardTurn[], told: (WorkEntry | null)[]): number {
  return turns.reduce((sum, { card }, i) => sum + (told[i] ? 0 : card.minutes), 0);
}

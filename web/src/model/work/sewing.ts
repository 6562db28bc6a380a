import type { SewingCard, SewingCards, WorkEntry } from "../../api/client";
import { sewnOn } from "./work";

/** A card of one of the covers alike. */
export interface CardTurn {
  card: SewingCard;
  number: number;
  /** What has to be unpicked or opened first, since it was tried on. */
  mend: string[];
}

/** What is sewn in order: one cover through, or each card on all the covers alike before the next. */
export function turnsOf(sewing: SewingCards, number: number | null): CardTurn[] {
  const fitted = new Map(
    sewing.fitted.map((one) => [one.number, new Map(one.cards.map((card) => [card.id, card]))]),
  );
  const turn = (card: SewingCard, of: number): CardTurn => {
    const other = fitted.get(of)?.get(card.id);
    return {
      card: other ? { ...card, figure: other.figure, hints: other.hints } : card,
      number: of,
      mend: other?.mend ?? [],
    };
  };
  return number !== null
    ? sewing.cards.map((card) => turn(card, number))
    : sewing.cards.flatMap((card) => Array.from({ length: sewing.count }, (_, i) => turn(card, i + 1)));
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

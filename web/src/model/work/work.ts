import type { WorkEntry } from "../../api/client";

/** Entries that still count: none that was told to be a mistake, and none that tells so. */
export function inForce(entries: WorkEntry[]): WorkEntry[] {
  const undone = new Set(entries.filter(({ kind }) => kind === "undone").map(({ subject }) => subject));
  return entries.filter((entry) => entry.kind !== "undone" && !undone.has(entry.id));
}

/** A cover of the job and which of those alike. */
export interface CoverNumber {
  cover: string;
  number: number;
}

/** What was done on one of the covers alike, by the id of the card: the entry told first. */
export function sewnOn(entries: WorkEntry[], { cover, number }: CoverNumber): Map<string, WorkEntry> {
  const sewn = new Map<string, WorkEntry>();
  for (const entry of inForce(entries)) {
    if (
      entry.kind === "sewn" &&
      entry.cover === cover &&
      entry.number === number &&
      !sewn.has(entry.subject)
    ) {
      sewn.set(entry.subject, entry);
    }
  }

  return sewn;
}

/** Who took a cover in hand last, and has not handed it over; empty for nobody. */
export function holderOf(entries: WorkEntry[], { cover, number }: CoverNumber): string {
  return (
    inForce(entries).findLast(
      (entry) => entry.kind === "holds" && entry.cover === cover && entry.number === number,
    )?.by ?? ""
  );
}

/** What was told when it was handed over; null where it was not. */
export function closedOf(entries: WorkEntry[], { cover, number }: CoverNumber): WorkEntry | null {
  return (
    inForce(entries).findLast(
      (entry) => entry.kind === "closed" && entry.cover === cover && entry.number === number,
    ) ?? null
  );
}

/** How many copies of a cover's pieces were cut, by piece: each copy once, and none that was spoiled since. */
export function cutOf(entries: WorkEntry[], cover: string): Map<string, Set<number>> {
  const cut = new Map<string, Set<number>>();
  for (const entry of inForce(entries)) {
    if (entry.cover !== cover) {
      continue;
    }

    const copies = cut.get(entry.subject) ?? new Set<number>();
    if (entry.kind === "cut") {
      copies.add(entry.number);
      cut.set(entry.subject, copies);
    } else if (entry.kind === "spoiled") {
      copies.delete(entry.number);
    }
  }

  return cut;
}

/** An entry that is told now. */
export function told(kind: string, by: string, rest: Partial<WorkEntry>): WorkEntry {
  return {
    id: crypto.randomUUID(),
    kind,
    cover: "",
    number: 0,
    subject: "",
    at: new Date().toISOString(),
    by,
    ...rest,
  };
}

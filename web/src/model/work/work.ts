import type { EntryOf, ToldAlways, WorkEntry, WorkKind } from "../../api/client";

/** Entries that still count: none that was told to be a mistake, and none that tells so. */
export function inForce(entries: WorkEntry[]): WorkEntry[] {
  const undone = new Set(entries.filter(({ kind }) => kind === "undone").map(({ subject }) => subject));
  return entries.filter((entry) => entry.kind !== "undone" && !undone.has(entry.id));
}

/** Whether what is cut next, and how, has to be worked out again: a tick alone changes nothing of it. */
export function changesCutting(kind: WorkKind): boolean {
  switch (kind) {
    case "cut":
    case "sewn":
      return false;
    case "lay":
    case "spoiled":
    case "flaw":
    case "shorter":
    case "holds":
    case "finding":
    case "closed":
    case "undone":
    case "unreadable":
      return true;
  }
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
export function closedOf(entries: WorkEntry[], { cover, number }: CoverNumber): EntryOf<"closed"> | null {
  return (
    ofKind(inForce(entries), "closed").findLast(
      (entry) => entry.cover === cover && entry.number === number,
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

/** The entries of one kind. */
export function ofKind<Kind extends WorkKind>(entries: WorkEntry[], kind: Kind): EntryOf<Kind>[] {
  return entries.filter((entry): entry is EntryOf<Kind> => entry.kind === kind);
}

/** An entry that is told now. */
export function told<Kind extends WorkKind>(
  kind: Kind,
  by: string,
  rest: Omit<EntryOf<Kind>, ToldAlways> & Partial<EntryOf<Kind>>,
): WorkEntry {
  const entry = {
    id: crypto.randomUUID(),
    kind,
    cover: "",
    number: 0,
    subject: "",
    at: new Date().toISOString(),
    by,
    ...rest,
  };
  return entry as WorkEntry; // the compiler does not see that a kind and its own fields make one of the entries
}

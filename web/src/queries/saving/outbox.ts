import { create } from "zustand";
import { isNoAnswer } from "../../api/client";
import { clothTo } from "../../model/cloth/cloth";
import { keyOf } from "../../model/cloth/clothKey";
import { coverTo } from "../../model/cover/cover";
import type { JobDocument } from "../../model/job/document";
import { queries } from "../server/client";
import { brokenRule } from "./documentRules";
import { showFault } from "../server/faults";
import { KeptTexts } from "./keptTexts";
import { livesElsewhere, lookForPages, thisPage } from "../server/pages";
import { clothPart, coverKey, differing, send, type Part, type Stored } from "./parts";
import { unsentFrom, type Unsent } from "./unsent";
import { moveAside } from "./setAside";
import { StoreTrouble } from "../server/storeTrouble";

const texts = new KeptTexts("wrapper-unsent/");
const pauseBetweenTries = 3000;

/** Where something waits: under the job and the page it was typed on, so that two tabs never write over each other. */
interface Place {
  key: string;
  id: string;
  page: string;
}

/** The jobs of which something waits in this browser. */
export const useUnsent = create<{ ids: string[] }>(() => ({ ids: [] }));

/** Keeps what is not in the store yet, so that it outlives the page, the tab and the browser. */
export function keepUnsent(id: string, document: JobDocument, stored: Stored) {
  write(placeHere(id), { document, stored: [...stored] });
}

/** Nothing that was typed for this job on this page waits any more. */
export function forgetUnsent(id: string) {
  forget(placeHere(id));
}

/** Lets go of all that waits of a job. */
export function letUnsentGo(id: string) {
  placesOf(id).forEach(forget);
}

/**
 * What waits of a job, laid over the job as it was just read: only the parts that were changed here. What pages that are gone
 * left is this page's from now on; where two of them changed one part, the later one waits until the first is in the store.
 */
export function withUnsent(id: string, fresh: JobDocument, stored: Stored): JobDocument {
  const taken = new Set<string>();
  let document = fresh;
  const left = placesOf(id).filter((place) => {
    const unsent = livesElsewhere(place.page) ? null : read(place);
    const laid = unsent && laidOver(id, document, stored, unsent, taken);
    document = laid ?? document;
    return laid;
  });
  if (left.length > 0 && write(placeHere(id), { document, stored: [...stored] })) {
    left.filter((place) => place.page !== thisPage).forEach(forget);
  }

  return document;
}

/** The job with the parts that were changed there; null where one of them was taken from elsewhere already. */
function laidOver(
  id: string,
  fresh: JobDocument,
  stored: Stored,
  unsent: Unsent,
  taken: Set<string>,
): JobDocument | null {
  const known: Stored = new Map(unsent.stored);
  const changed = new Map(differing(id, unsent.document, known).map((part) => [part.key, part]));
  if ([...changed.keys()].some((key) => taken.has(key))) {
    return null;
  }

  for (const key of changed.keys()) {
    taken.add(key);
    const before = known.get(key);
    if (before) {
      stored.set(key, before); // made from this version: what was written since then shows as a conflict
    } else {
      stored.delete(key);
    }
  }

  const [first = fresh.cloths[0], ...others] = merged(
    fresh.cloths,
    unsent.document.cloths,
    changed,
    (cloth) => clothPart(keyOf(cloth)),
  );
  return {
    heading: changed.has("heading") ? unsent.document.heading : fresh.heading,
    cloths: [first, ...others],
    covers: merged(fresh.covers, unsent.document.covers, changed, (entry) => coverKey(entry.id)),
  };
}

/** A list as it was just read, with the entries that were changed, added or taken out here; one that was taken out has an empty body. */
function merged<Entry>(
  fresh: Entry[],
  typed: Entry[],
  changed: ReadonlyMap<string, Part>,
  partOf: (entry: Entry) => string,
): Entry[] {
  const bodyOf = (entry: Entry) => changed.get(partOf(entry))?.body;
  const mine = typed.filter((entry) => bodyOf(entry));
  return [
    ...fresh
      .filter((entry) => bodyOf(entry) !== "")
      .map((entry) => mine.find((known) => partOf(known) === partOf(entry)) ?? entry),
    ...mine.filter((entry) => !fresh.some((known) => partOf(known) === partOf(entry))),
  ];
}

/** Looks again what waits in this browser: other pages keep and send too. */
export async function lookForUnsent() {
  await texts.lookForEarlier((key) => !livesElsewhere(placeOf(key).page));
  look();
}

/** Sends what waits of jobs that are not on the bench, for as long as this page lives. Gives what ends it. */
export function sendUnsent(onBench: () => string | null): () => void {
  let sending = false;
  const send = async () => {
    look();
    if (sending) {
      return;
    }

    sending = true;
    await lookForPages();
    await lookForUnsent();
    for (const place of places().filter(({ id, page }) => id !== onBench() && !livesElsewhere(page))) {
      await sendOne(place).catch(() => undefined); // the store does not answer: it is tried again
    }

    sending = false;
  };
  const timer = setInterval(() => void send(), pauseBetweenTries);
  void send();
  return () => clearInterval(timer);
}

/** What a job was called that waits here. */
export function unsentName(id: string): string {
  return placesOf(id).map(read).find(Boolean)?.document.heading.name ?? "";
}

/** Sends what waits in one place; a part that cannot be written keeps no other waiting. */
async function sendOne(place: Place) {
  const unsent = read(place);
  if (!unsent) {
    return;
  }

  const stored: Stored = new Map(unsent.stored);
  const choose = new Set(unsent.choose);
  for (const part of differing(place.id, unsent.document, stored).filter(({ key }) => !choose.has(key))) {
    const before = texts.get(place.key);
    const end = await send(part, stored).then((sent) => sent.end, unlessHeldUp);
    if (texts.get(place.key) !== before) {
      return; // the job was opened here meanwhile, and goes on from what it says now
    }

    if (end !== "done" && end !== "held up") {
      choose.add(part.key);
    }

    write(place, { document: unsent.document, stored: [...stored], choose: [...choose] });
  }

  if (differing(place.id, unsent.document, stored).length === 0) {
    forget(place);
    await queries.invalidateQueries({ queryKey: ["jobs"] }); // the list was read before
  }
}

/**
 * The store does not answer: nothing else is sent either. It cannot take this part now: it is tried again. A
 * fault of the program is shown, and the part waits for whoever opens the job.
 */
function unlessHeldUp(error: unknown): "held up" | "fault" {
  if (isNoAnswer(error)) {
    throw error;
  }

  if (error instanceof StoreTrouble) {
    return "held up";
  }

  showFault(error);
  return "fault";
}

const placeHere = (id: string): Place => ({ key: `${id}/${thisPage}`, id, page: thisPage });

function placeOf(key: string): Place {
  const [id = "", page = ""] = key.split("/");
  return { key, id, page };
}

/** Everything that waits in this browser. */
function places(): Place[] {
  return texts
    .keys()
    .map(placeOf)
    .sort((one, other) => one.key.localeCompare(other.key));
}

const placesOf = (id: string) => places().filter((place) => place.id === id);

/** What waits there; a record that cannot be read, or breaks a rule, is set aside in sight, and stands in nobody's way. */
function read({ key }: Place): Unsent | null {
  const text = texts.get(key);
  if (text === null) {
    return null;
  }

  const problem = problemOf(text);
  if (problem === null) {
    return unsentFrom(text);
  }

  moveAside(texts, key, "typed", `Something typed on a job in this browser cannot be read (${problem}).`);
  return null;
}

/** What is wrong with a record; null for a sound one. */
function problemOf(text: string): string | null {
  try {
    const unsent = unsentFrom(text);
    differing("", unsent.document, new Map(unsent.stored)); // throws where something of it is missing
    return (
      unsent.document.cloths.reduce<string | null>(
        (found, cloth) => found ?? brokenRule("cloth", clothTo(cloth)),
        null,
      ) ??
      unsent.document.covers.reduce<string | null>(
        (found, { cover }) => found ?? brokenRule("cover", coverTo(cover)),
        null,
      )
    );
  } catch (error) {
    return error instanceof Error ? error.message : String(error);
  }
}

/** False where the browser has no room: the page still holds it, and leaving it asks first. */
function write({ key }: Place, unsent: Unsent): boolean {
  const isKept = texts.set(key, JSON.stringify(unsent));
  look();
  return isKept;
}

function forget({ key, id }: Place) {
  if (useUnsent.getState().ids.includes(id) || texts.get(key) !== null) {
    texts.remove(key);
    look();
  }
}

function look() {
  const ids = [...new Set(places().map(({ id }) => id))];
  if (ids.join() !== useUnsent.getState().ids.join()) {
    useUnsent.setState({ ids });
  }
}

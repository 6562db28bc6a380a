import { create } from "zustand";
import type { JobDocument } from "../model/document";
import { coverKey, differing, send, type Stored } from "./parts";

const prefix = "wrapper-unsent/";
const pauseBetweenTries = 3000;

/** A job that is not all in the store: as it stood on the bench, and what the store held of it. */
interface Unsent {
  document: JobDocument;
  stored: [string, { version: number; body: string }][];
  /** Someone has to choose: it is shown when the job is opened, and not sent before. */
  waits: boolean;
}

/** The jobs of which something waits in this browser. */
export const useUnsent = create<{ ids: string[] }>(() => ({ ids: [] }));

/** Keeps what is not in the store yet, so that it outlives the page, the tab and the browser. */
export function keepUnsent(id: string, document: JobDocument, stored: Stored) {
  write(id, { document, stored: [...stored], waits: false });
}

/** Nothing of this job waits any more. */
export function forgetUnsent(id: string) {
  if (useUnsent.getState().ids.includes(id) || localStorage.getItem(prefix + id) !== null) {
    localStorage.removeItem(prefix + id);
    look();
  }
}

/** What waits of a job, laid over the job as it was just read: only the parts that were changed here. */
export function withUnsent(id: string, fresh: JobDocument, stored: Stored): JobDocument {
  const unsent = read(id);
  if (!unsent) {
    return fresh;
  }

  const known: Stored = new Map(unsent.stored);
  const changed = new Map(differing(id, unsent.document, known).map((part) => [part.key, part]));
  for (const key of changed.keys()) {
    const before = known.get(key);
    if (before) {
      stored.set(key, before); // made from this version: what was written since then shows as a conflict
    } else {
      stored.delete(key);
    }
  }

  const mine = (entry: { id: string }) => changed.get(coverKey(entry.id))?.body;
  const covers = unsent.document.covers.filter((entry) => mine(entry));
  return {
    heading: changed.has("heading") ? unsent.document.heading : fresh.heading,
    cloth: changed.has("cloth") ? unsent.document.cloth : fresh.cloth,
    covers: [
      ...fresh.covers
        .filter((entry) => mine(entry) !== "")
        .map((entry) => covers.find((known) => known.id === entry.id) ?? entry),
      ...covers.filter((entry) => !fresh.covers.some((known) => known.id === entry.id)),
    ],
  };
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
    for (const id of useUnsent.getState().ids.filter((known) => known !== onBench())) {
      await sendOne(id).catch(() => undefined); // the store does not answer: it is tried again
    }

    sending = false;
  };
  const timer = setInterval(() => void send(), pauseBetweenTries);
  void send();
  return () => clearInterval(timer);
}

/** What a job was called that waits here. */
export function unsentName(id: string): string {
  return read(id)?.document.heading.name ?? "";
}

async function sendOne(id: string) {
  const unsent = read(id);
  if (!unsent || unsent.waits) {
    return;
  }

  const stored: Stored = new Map(unsent.stored);
  for (const part of differing(id, unsent.document, stored)) {
    const waits = (await send(part, stored)).end !== "done";
    write(id, { ...unsent, stored: [...stored], waits });
    if (waits) {
      return;
    }
  }

  forgetUnsent(id);
}

function read(id: string): Unsent | null {
  const text = localStorage.getItem(prefix + id);
  return text === null ? null : (JSON.parse(text) as Unsent);
}

function write(id: string, unsent: Unsent) {
  try {
    localStorage.setItem(prefix + id, JSON.stringify(unsent));
  } catch {
    // The browser has no room: the page still holds it, and leaving it asks first.
  }

  look();
}

function look() {
  const ids = Object.keys(localStorage)
    .filter((key) => key.startsWith(prefix))
    .map((key) => key.slice(prefix.length));
  if (ids.join() !== useUnsent.getState().ids.join()) {
    useUnsent.setState({ ids });
  }
}

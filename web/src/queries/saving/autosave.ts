import { create } from "zustand";
import { api, isNoAnswer, type Job } from "../../api/client";
import { useBench } from "../../model/job/benchStore";
import { lettersOf } from "../../model/cover/codes";
import { documentOf } from "../../model/job/document";
import { keyOf } from "../../model/cloth/clothKey";
import { forgetUnsent, keepUnsent, withUnsent } from "./outbox";
import { clothKeyOf, coverIdOf, differing, send, storedOf, type Part, type Stored } from "./parts";

const pauseBeforeSaving = 300;
const pauseBeforeRetry = 3000;

/** A part that was written or deleted elsewhere; the others are saved meanwhile. */
export interface Conflict {
  /** The part, or `job` where the whole job was deleted. */
  key: string;
  /** The version now in the store; null where it was deleted. */
  version: number | null;
}

interface SaveState {
  state: "saved" | "saving" | "waiting" | "conflict";
  /** The first of the parts the maker has to choose about. */
  conflict: Conflict | null;
  /** What keeps something from being saved, in words; null where nothing does, or nobody answers. */
  cause: string | null;
}

/** Whether everything on the bench is in the store. */
export const useSaving = create<SaveState>(() => ({ state: "saved", conflict: null, cause: null }));

let stored: Stored = new Map();
const blocked = new Map<string, Conflict>();
let timer: ReturnType<typeof setTimeout> | undefined;
let running: Promise<void> | null = null;
let stopWatching: (() => void) | undefined;

/** Puts a job that was just read on the bench, with what waits of it in this browser, and begins saving it. */
export function openJob(job: Job) {
  stopWatching?.(); // first, or what was read would be taken for something typed
  clearTimeout(timer);
  const fresh = documentOf(job);
  stored = storedOf(job, fresh);
  blocked.clear();
  useSaving.setState({ state: "saved", conflict: null });
  const document = withUnsent(job.id, fresh, stored);
  useBench.getState().open(job.id, document, lettersOf(job));
  if (document !== fresh) {
    schedule(0);
  }

  stopWatching = useBench.subscribe((state, before) => {
    if (state.document !== before.document && state.jobId === job.id) {
      schedule(pauseBeforeSaving);
    }
  });
}

/** The versions of all parts of the job on the bench as they stand in the store, by part. */
export function storedVersions(): ReadonlyMap<string, number> {
  return new Map([...stored].map(([key, { version }]) => [key, version]));
}

/** True while something on the bench is not in the store. */
export function hasUnsaved(): boolean {
  return pending().length > 0;
}

/** After a conflict: what is on the bench is written over what was written elsewhere, and what was deleted is brought back. */
export async function keepMine() {
  const { conflict } = useSaving.getState();
  if (!conflict) {
    return;
  }

  if (conflict.key === "job") {
    const id = useBench.getState().jobId ?? "";
    const { data } = await api.POST("/api/jobs/{id}/restore", { params: { path: { id } } });
    if (!data) {
      return;
    }

    // Going and coming back were writes of the heading.
    stored.set("heading", { version: data.version, body: stored.get("heading")?.body ?? "" });
  } else if (conflict.version === null) {
    stored.delete(conflict.key); // written as something new it comes back
  } else {
    stored.set(conflict.key, { version: conflict.version, body: stored.get(conflict.key)?.body ?? "" });
  }

  release(conflict.key);
}

/** After a conflict: that part is as the store has it, or is let go where it was deleted; all else on the bench stays. */
export async function takeTheirs() {
  const [{ conflict }, { jobId }] = [useSaving.getState(), useBench.getState()];
  const { data } = await api.GET("/api/jobs/{id}", { params: { path: { id: jobId ?? "" } } });
  if (!conflict || !data) {
    return;
  }

  const fresh = documentOf(data);
  const theirs = storedOf(data, fresh).get(conflict.key);
  if (theirs) {
    stored.set(conflict.key, theirs);
  } else {
    stored.delete(conflict.key);
  }

  const [coverId, clothKey] = [coverIdOf(conflict.key), clothKeyOf(conflict.key)];
  useBench.getState().replace((before) => {
    const [first = fresh.cloths[0], ...others] = withTheirs(
      before.cloths,
      fresh.cloths,
      (cloth) => keyOf(cloth) === clothKey,
    );
    return {
      heading: conflict.key === "heading" ? fresh.heading : before.heading,
      cloths: [first, ...others],
      covers: withTheirs(before.covers, fresh.covers, (entry) => entry.id === coverId),
    };
  });
  release(conflict.key);
}

/** A list with one of its entries as it stands in the store: changed, added again or left out. */
function withTheirs<Entry>(mine: Entry[], theirs: Entry[], isIt: (entry: Entry) => boolean): Entry[] {
  const taken = theirs.find(isIt);
  return !taken
    ? mine.filter((entry) => !isIt(entry))
    : mine.some(isIt)
      ? mine.map((entry) => (isIt(entry) ? taken : entry))
      : [...mine, taken];
}

/** The job was deleted elsewhere and is let go: nothing of it is written any more. */
export function letGo() {
  stopWatching?.();
  clearTimeout(timer);
  forgetUnsent(useBench.getState().jobId ?? "");
  stored.clear();
  blocked.clear();
  useBench.setState({ jobId: null, document: null });
  useSaving.setState({ state: "saved", conflict: null });
}

function release(key: string) {
  blocked.delete(key);
  useSaving.setState({ state: "saving", conflict: firstBlocked() });
  schedule(0);
}

const firstBlocked = () => blocked.values().next().value ?? null;

/** Shows a part that was written elsewhere; where the bench has changes of its own to it, the next save says so. */
export function refreshFromStore(job: Job, part: string) {
  const { jobId, document } = useBench.getState();
  if (jobId !== job.id || !document) {
    return;
  }

  const fresh = documentOf(job);
  const changed = new Set(pending().map((known) => known.key));
  const coverId = coverIdOf(part);
  const written = storedOf(job, fresh).get(part);
  const entry = fresh.covers.find((known) => known.id === coverId);
  if (!written || !entry || changed.has(part) || (stored.get(part)?.version ?? 0) >= written.version) {
    return;
  }

  stored.set(part, written);
  useBench.getState().replace((before) => ({
    ...before,
    covers: before.covers.map((known) => (known.id === coverId ? entry : known)),
  }));
}

/** The parts that differ from what is stored, and the covers that were taken out. */
function pending(): Part[] {
  const { jobId, document } = useBench.getState();
  return jobId && document ? differing(jobId, document, stored) : [];
}

/** What is not in the store is kept in the browser until it is. */
function keep(parts: Part[]) {
  const { jobId, document } = useBench.getState();
  if (jobId && document) {
    if (parts.length > 0) {
      keepUnsent(jobId, document, stored);
    } else {
      forgetUnsent(jobId);
    }
  }
}

function schedule(delay: number) {
  const parts = pending();
  keep(parts);
  clearTimeout(timer);
  useSaving.setState({ state: next(parts) ? "saving" : blocked.size > 0 ? "conflict" : "saved" });
  timer = setTimeout(() => void saveNow(), delay);
}

/** The first of the parts that can be written: none of a job that is gone, and none the maker has to choose about. */
function next(parts: Part[], failed?: Set<string>): Part | undefined {
  return blocked.has("job")
    ? undefined
    : parts.find((part) => !blocked.has(part.key) && !failed?.has(part.key));
}

/**
 * Writes what is not yet written, at once; done when all of it is in the store, or waits because it could not be written.
 * Who asks while something is being written waits for that: it goes on until nothing is left.
 */
export function saveNow(): Promise<void> {
  running ??= writeAll().finally(() => (running = null));
  return running;
}

async function writeAll() {
  const failed = new Set<string>();
  let cause: string | null = null;
  for (let part = next(pending()); part; part = next(pending(), failed)) {
    const own = stored;
    try {
      await write(part);
    } catch (error) {
      if (own === stored) {
        failed.add(part.key); // one part that cannot be written keeps no other waiting
        cause ??= error instanceof Error && !isNoAnswer(error) ? error.message : null;
      }
    }
  }

  keep(pending());
  useSaving.setState({
    state: failed.size > 0 ? "waiting" : blocked.size > 0 ? "conflict" : "saved",
    conflict: firstBlocked(),
    cause,
  });
  if (failed.size > 0) {
    clearTimeout(timer);
    timer = setTimeout(() => void saveNow(), pauseBeforeRetry);
  }
}

async function write(part: Part) {
  const own = stored;
  const id = useBench.getState().jobId ?? "";
  const sent = await send(part, own);
  const coverId = coverIdOf(part.key);
  if (sent.end === "done" && sent.letter && coverId && own === stored) {
    const { letters } = useBench.getState();
    useBench.setState({ letters: { ...letters, [coverId]: sent.letter } });
  }

  if (sent.end === "stale" && own === stored) {
    blocked.set(part.key, { key: part.key, version: sent.version });
  } else if (sent.end === "gone" && own === stored) {
    const whole = await api.GET("/api/jobs/{id}", { params: { path: { id } } });
    const key = whole.response.status === 404 ? "job" : part.key;
    if (own === stored) {
      blocked.set(key, { key, version: null });
    }
  }
  // Where another job is on the bench by now, what this one still lacks is sent from where it waits.
}

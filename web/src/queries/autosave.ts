import { clothTo } from "../model/cloth";
import { coverTo } from "../model/cover";
import { create } from "zustand";
import { api, type Job } from "../api/client";
import { useBench } from "../model/benchStore";
import { documentOf, type JobDocument } from "../model/document";

const pauseBeforeSaving = 300;
const pauseBeforeRetry = 3000;

/** A part of the job that is written by itself, with a version of its own. */
interface Part {
  key: string;
  body: string;
  save: (
    version: number | null,
  ) => Promise<{ response: Response; data?: { version: number } | undefined; error?: unknown }>;
}

interface SaveState {
  state: "saved" | "saving" | "waiting" | "conflict";
  /** The part that was changed elsewhere, with the version now in the store. */
  conflict: { key: string; version: number } | null;
}

/** Whether everything on the bench is in the store. */
export const useSaving = create<SaveState>(() => ({ state: "saved", conflict: null }));

const stored = new Map<string, { version: number; body: string }>();
let timer: ReturnType<typeof setTimeout> | undefined;
let running = false;
let stopWatching: (() => void) | undefined;

/** Begins saving a job that was just opened. */
export function startSaving(job: Job) {
  stored.clear();
  useSaving.setState({ state: "saved", conflict: null });
  const parts = partsOf(job.id, documentOf(job));
  const versions = new Map<string, number>([
    ["heading", job.version],
    ["cloth", job.cloth.version],
    ...job.covers.map((entry): [string, number] => [`cover/${entry.id}`, entry.version]),
  ]);
  for (const part of parts) {
    stored.set(part.key, { version: versions.get(part.key) ?? 0, body: part.body });
  }

  stopWatching?.();
  stopWatching = useBench.subscribe((state, before) => {
    if (state.document !== before.document && state.jobId === job.id) {
      schedule(pauseBeforeSaving);
    }
  });
}

/** Writes what is not yet written, at once. */
export function saveNow() {
  return run();
}

/** True while something on the bench is not in the store. */
export function hasUnsaved(): boolean {
  return pending().length > 0;
}

/** After a conflict: what is on the bench is written over what was written elsewhere. */
export function keepMine() {
  const { conflict } = useSaving.getState();
  const known = conflict && stored.get(conflict.key);
  if (conflict) {
    stored.set(conflict.key, { version: conflict.version, body: known?.body ?? "" });
    useSaving.setState({ state: "saving", conflict: null });
    schedule(0);
  }
}

/** After a conflict: the job is read anew from the store. */
export async function takeTheirs() {
  const { jobId } = useBench.getState();
  const { data } = await api.GET("/api/jobs/{id}", { params: { path: { id: jobId ?? "" } } });
  if (data) {
    useBench.getState().replace(() => documentOf(data));
    startSaving(data);
  }
}

/** Shows a part that was written elsewhere; where the bench has changes of its own to it, the next save says so. */
export function refreshFromStore(job: Job, part: string) {
  const { jobId, document } = useBench.getState();
  if (jobId !== job.id || !document) {
    return;
  }

  const fresh = documentOf(job);
  const changed = new Set(pending().map((known) => known.key));
  const coverId = part.startsWith("cover/") ? part.slice("cover/".length) : "";
  const written = job.covers.find((entry) => entry.id === coverId);
  const entry = fresh.covers.find((known) => known.id === coverId);
  if (!written || !entry || changed.has(part) || (stored.get(part)?.version ?? 0) >= written.version) {
    return;
  }

  stored.set(part, {
    version: written.version,
    body: JSON.stringify({ position: written.position, cover: entry.cover }),
  });
  useBench.getState().replace((before) => ({
    ...before,
    covers: before.covers.map((known) => (known.id === coverId ? entry : known)),
  }));
}

function schedule(delay: number) {
  clearTimeout(timer);
  if (useSaving.getState().state !== "conflict") {
    useSaving.setState({ state: pending().length > 0 ? "saving" : "saved" });
    timer = setTimeout(() => void run(), delay);
  }
}

function versionHeader(version: number | null) {
  return version === null ? { "If-None-Match": "*" } : { "If-Match": `"${version}"` };
}

function partsOf(jobId: string, document: JobDocument): Part[] {
  const path = { id: jobId };
  return [
    {
      key: "heading",
      body: JSON.stringify(document.heading),
      save: (version) =>
        api.PUT("/api/jobs/{id}", {
          params: { path },
          body: document.heading,
          headers: versionHeader(version),
        }),
    },
    {
      key: "cloth",
      body: JSON.stringify(document.cloth),
      save: (version) =>
        api.PUT("/api/jobs/{id}/cloth", {
          params: { path },
          body: clothTo(document.cloth),
          headers: versionHeader(version),
        }),
    },
    ...document.covers.map(
      (entry, position): Part => ({
        key: `cover/${entry.id}`,
        body: JSON.stringify({ position, cover: entry.cover }),
        save: (version) =>
          api.PUT("/api/jobs/{jobId}/covers/{coverId}", {
            params: { path: { jobId, coverId: entry.id } },
            body: { position, cover: coverTo(entry.cover) },
            headers: versionHeader(version),
          }),
      }),
    ),
  ];
}

/** The parts that differ from what is stored, and the covers that were taken out. */
function pending(): Part[] {
  const { jobId, document } = useBench.getState();
  if (!jobId || !document) {
    return [];
  }

  const parts = partsOf(jobId, document);
  const removed = [...stored.keys()]
    .filter((key) => key.startsWith("cover/") && !parts.some((part) => part.key === key))
    .map(
      (key): Part => ({
        key,
        body: "",
        save: (version) =>
          api.DELETE("/api/jobs/{jobId}/covers/{coverId}", {
            params: { path: { jobId, coverId: key.slice("cover/".length) } },
            headers: versionHeader(version),
          }),
      }),
    );
  return [...parts.filter((part) => stored.get(part.key)?.body !== part.body), ...removed];
}

async function run() {
  if (running || useSaving.getState().state === "conflict") {
    return;
  }

  running = true;
  try {
    for (let part = pending()[0]; part; part = pending()[0]) {
      const { response, data, error } = await part.save(stored.get(part.key)?.version ?? null);
      if (data) {
        if (part.body === "") {
          stored.delete(part.key);
        } else {
          stored.set(part.key, { version: data.version, body: part.body });
        }
      } else if (response.status === 412) {
        const version = (error as { version?: number }).version ?? 0;
        useSaving.setState({ state: "conflict", conflict: { key: part.key, version } });
        return;
      } else {
        throw new Error(`The store answered ${response.status}.`);
      }
    }

    useSaving.setState({ state: "saved" });
  } catch {
    useSaving.setState({ state: "waiting" });
    clearTimeout(timer);
    timer = setTimeout(() => void run(), pauseBeforeRetry);
  } finally {
    running = false;
  }
}

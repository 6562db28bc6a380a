import { StoreTrouble } from "../server/storeTrouble";
import { api, type Job } from "../../api/client";
import { clothTo } from "../../model/cloth/cloth";
import { keyOf } from "../../model/cloth/clothKey";
import { coverTo } from "../../model/cover/cover";
import type { JobDocument } from "../../model/job/document";

/** A part of the job that is written by itself, with a version of its own. */
export interface Part {
  key: string;
  body: string;
  save: (version: number | null) => Promise<{
    response: Response;
    data?: { version: number; letter: string | null } | undefined;
    error?: unknown;
  }>;
}

/** What stands in the store, by part. */
export type Stored = Map<string, { version: number; body: string }>;

const coverPrefix = "cover/";

const clothPrefix = "cloth/";

/** The part a cloth is. */
export const clothPart = (key: string) => clothPrefix + key;

/** The key of the cloth a part is; null for any other part. */
export const clothKeyOf = (part: string) =>
  part.startsWith(clothPrefix) ? part.slice(clothPrefix.length) : null;

/** The part a cover is. */
export const coverKey = (id: string) => coverPrefix + id;

/** The cover a part is; null for any other part. */
export const coverIdOf = (key: string) =>
  key.startsWith(coverPrefix) ? key.slice(coverPrefix.length) : null;

/** The versions of a job as it was read. */
function versionsOf(job: Job) {
  return new Map<string, number>([
    ["heading", job.version],
    ...job.cloths.map(({ key, version }): [string, number] => [clothPart(key), version]),
    ...job.covers.map((entry): [string, number] => [coverKey(entry.id), entry.version]),
  ]);
}

function versionHeader(version: number | null) {
  return version === null ? { "If-None-Match": "*" } : { "If-Match": `"${version}"` };
}

/** The parts of a job as they stand. */
export function partsOf(jobId: string, document: JobDocument): Part[] {
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
    ...document.cloths.map(
      (cloth): Part => ({
        key: clothPart(keyOf(cloth)),
        body: JSON.stringify(cloth),
        save: (version) =>
          api.PUT("/api/jobs/{id}/cloths/{key}", {
            params: { path: { id: jobId, key: keyOf(cloth) } },
            body: clothTo(cloth),
            headers: versionHeader(version),
          }),
      }),
    ),
    ...document.covers.map(
      (entry, position): Part => ({
        key: coverKey(entry.id),
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

/** The parts that differ from what is stored, and the covers and cloths that were taken out. */
export function differing(jobId: string, document: JobDocument, stored: Stored): Part[] {
  const parts = partsOf(jobId, document);
  const removed = [...stored.keys()]
    .filter((key) => key !== "heading" && !parts.some((part) => part.key === key))
    .map((key): Part => ({ key, body: "", save: (version) => remove(jobId, key, version) }));
  return [...parts.filter((part) => stored.get(part.key)?.body !== part.body), ...removed];
}

function remove(jobId: string, part: string, version: number | null) {
  const [coverId, key, headers] = [coverIdOf(part), clothKeyOf(part), versionHeader(version)];
  return coverId === null
    ? api.DELETE("/api/jobs/{id}/cloths/{key}", { params: { path: { id: jobId, key: key ?? "" } }, headers })
    : api.DELETE("/api/jobs/{jobId}/covers/{coverId}", { params: { path: { jobId, coverId } }, headers });
}

/** What stands in the store of a job that was just read. */
export function storedOf(job: Job, document: JobDocument): Stored {
  const versions = versionsOf(job);
  return new Map(
    partsOf(job.id, document).map((part) => [
      part.key,
      { version: versions.get(part.key) ?? 0, body: part.body },
    ]),
  );
}

/** What came of sending a part: it stands in the store, or someone else wrote it (the version that stands now) or deleted it. */
export type Sent =
  | { end: "done"; /** For a cover: its letter in the job. */ letter?: string | null }
  | { end: "stale"; version: number }
  | { end: "gone" };

/**
 * Sends a part, and notes in what is stored that it stands there.
 * @throws where the store did not answer, or could not take it: it may be sent again.
 */
export async function send(part: Part, stored: Stored): Promise<Sent> {
  const { response, data, error } = await part.save(stored.get(part.key)?.version ?? null);
  if (data && part.body !== "") {
    stored.set(part.key, { version: data.version, body: part.body });
    return { end: "done", letter: data.letter };
  }

  if (data || (response.status === 404 && part.body === "")) {
    stored.delete(part.key); // taken out here, or elsewhere before
    return { end: "done" };
  }

  if (response.status === 412) {
    return { end: "stale", version: (error as { version?: number }).version ?? 0 };
  }

  if (response.status === 404) {
    return { end: "gone" };
  }

  throw new StoreTrouble(
    (error as { detail?: string } | undefined)?.detail ?? `The store answered ${response.status}.`,
  );
}

import { saidOf } from "../server/faults";
import { saveAsFile } from "../server/saveAsFile";
import { api, fetchAnswer, isNoAnswer } from "../../api/client";
import { saveNow } from "../saving/autosave";

interface Fetched {
  data?: Blob | undefined;
  error?: { detail?: string | null } | undefined;
}

/** Fetches a file of the job as it stands on the bench and hands it to the browser; answers what is in the way, or nothing. */
async function fetched(ask: () => Promise<Fetched>, name: string): Promise<string> {
  try {
    await saveNow();
    const { data, error } = await ask();
    if (!data) {
      return error?.detail ?? "This file could not be made.";
    }

    saveAsFile(name, data);
    return "";
  } catch (error) {
    return saidOf(error, "The workroom’s computer does not answer: no file was made.");
  }
}

/** Patterns, lay and lists of a job. */
export const takeFile = (jobId: string, what: string, format: string) =>
  fetched(
    () =>
      api.GET("/api/jobs/{id}/files/{what}.{format}", {
        params: { path: { id: jobId, what, format } },
        parseAs: "blob",
      }),
    `${what}.${format}`,
  );

/** The whole job in one file. */
export const takeJob = (jobId: string, name: string) =>
  fetched(
    () => api.GET("/api/jobs/{id}/export", { params: { path: { id: jobId } }, parseAs: "blob" }),
    `${name || "job"}.json`,
  );

/**
 * Takes a job file in as a job of its own; gives its id and what of it was left out, or what is in the way.
 * The file goes as it is, however large.
 */
export async function takeIn(file: File): Promise<{ id: string; leftOut: string[] } | { problem: string }> {
  try {
    const response = await fetchAnswer("/api/jobs/import?conflict=copy", {
      method: "POST",
      headers: { "Content-Type": "application/json" },
      body: file,
    });
    const answer = (await response.json()) as { id: string; leftOut: string[]; detail?: string };
    return response.ok
      ? { id: answer.id, leftOut: answer.leftOut }
      : { problem: `“${file.name}” was not imported. ${answer.detail ?? "The file cannot be read."}` };
  } catch (error) {
    if (!isNoAnswer(error)) {
      throw error;
    }

    return { problem: "The workroom’s computer does not answer: nothing was imported." };
  }
}

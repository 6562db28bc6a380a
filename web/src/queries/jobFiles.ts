import { api, type JobFile } from "../api/client";
import { saveNow } from "./autosave";

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

    hand(data, name);
    return "";
  } catch {
    return "The workroom’s computer does not answer: no file was made.";
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

/** Takes a job file in as a job of its own; gives its id and what of it was left out, or what is in the way. */
export async function takeIn(file: File): Promise<{ id: string; leftOut: string[] } | { problem: string }> {
  let content: JobFile;
  try {
    content = JSON.parse(await file.text()) as JobFile;
  } catch {
    return { problem: `“${file.name}” is no job file: nothing was taken in.` };
  }

  try {
    const { data, error } = await api.POST("/api/jobs/import", {
      params: { query: { conflict: "copy" } },
      body: content,
    });
    return data
      ? { id: data.id, leftOut: data.leftOut }
      : { problem: (error as { detail?: string } | undefined)?.detail ?? "This file could not be taken in." };
  } catch {
    return { problem: "The workroom’s computer does not answer: nothing was taken in." };
  }
}

/** Puts a file where the browser keeps what is downloaded. */
function hand(content: Blob, name: string) {
  const link = document.createElement("a");
  link.href = URL.createObjectURL(content);
  link.download = name;
  link.click();
  URL.revokeObjectURL(link.href);
}

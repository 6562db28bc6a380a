import { api } from "../api/client";
import { saveNow } from "./autosave";

/** Fetches a file of a job as it stands on the bench and hands it to the browser; answers what is in the way, or nothing. */
export async function takeFile(jobId: string, what: string, format: string): Promise<string> {
  try {
    await saveNow();
    const { data, error } = await api.GET("/api/jobs/{id}/files/{what}.{format}", {
      params: { path: { id: jobId, what, format } },
      parseAs: "blob",
    });
    if (!data) {
      return (error as { detail?: string } | undefined)?.detail ?? "This file could not be made.";
    }

    hand(data as Blob, `${what}.${format}`);
    return "";
  } catch {
    return "The workroom’s computer does not answer: no file was made.";
  }
}

/** Puts a file where the browser keeps what is downloaded. */
export function hand(content: Blob, name: string) {
  const link = document.createElement("a");
  link.href = URL.createObjectURL(content);
  link.download = name;
  link.click();
  URL.revokeObjectURL(link.href);
}

import { fetchAnswer } from "../../api/client";
/** Sends a photograph to where it is kept; gives what was wrong with it, or nothing. Throws when nobody answers. */
export async function sendPhoto(
  address: string,
  cover: string,
  measure: string,
  file: File,
): Promise<string> {
  const search = new URLSearchParams({ cover, measure, name: file.name.slice(-200) });
  const response = await fetchAnswer(`${address}?${search}`, {
    method: "POST",
    headers: { "Content-Type": "application/octet-stream" },
    body: file,
  });
  if (response.ok) {
    return "";
  }

  const answer = (await response.json().catch(() => null)) as { detail?: string } | null;
  return response.status === 413
    ? "This photograph is larger than 8 MB: send a smaller one."
    : (answer?.detail ?? "The photograph was not kept.");
}

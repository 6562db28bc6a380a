import { api, type Job } from "../../api/client";
import { clothPart } from "./parts";

/** The address of a part just as it is stored. */
export const storedAddress = (job: string, part: string) =>
  `/api/jobs/${encodeURIComponent(job)}/stored?part=${encodeURIComponent(part)}`;

const coverOf = (job: Job, part: string) => job.covers.find(({ id }) => part === `cover/${id}`);

function versionOf(job: Job, part: string): number {
  return part === "heading"
    ? job.version
    : part === "cloth"
      ? job.cloth.version
      : (job.cloths.find(({ key }) => part === clothPart(key))?.version ?? coverOf(job, part)?.version ?? 0);
}

/** Keeps what can be read of a part; gives what was in the way, or nothing. */
export async function repairPart(job: Job, part: string): Promise<string> {
  const { data, error } = await api.POST("/api/jobs/{id}/repair", {
    params: { path: { id: job.id }, query: { part } },
    headers: { "If-Match": `"${versionOf(job, part)}"` },
  });
  return data ? "" : ((error as { detail?: string } | undefined)?.detail ?? "It was not repaired.");
}

/** A cover can also be removed; it can be brought back as it was. */
export const isRemovable = (job: Job, part: string) => coverOf(job, part) !== undefined;

/** Removes a broken cover; gives what was in the way, or nothing. */
export async function removePart(job: Job, part: string): Promise<string> {
  const { data, error } = await api.DELETE("/api/jobs/{jobId}/covers/{coverId}", {
    params: { path: { jobId: job.id, coverId: coverOf(job, part)?.id ?? "" } },
    headers: { "If-Match": `"${versionOf(job, part)}"` },
  });
  return data ? "" : ((error as { detail?: string } | undefined)?.detail ?? "It was not removed.");
}

import { api, type CoverDocument, type Job } from "../../api/client";

/** Writes a stored cover as it is changed; one that was changed elsewhere in between stays, and that is told. */
export async function writeCover(
  job: string,
  { id, version, position }: Job["covers"][number],
  cover: CoverDocument,
  changedElsewhere: string,
) {
  const { response } = await api.PUT("/api/jobs/{jobId}/covers/{coverId}", {
    params: { path: { jobId: job, coverId: id } },
    headers: { "If-Match": `"${version}"` },
    body: { position, cover },
  });
  if (!response.ok) {
    throw new Error(changedElsewhere);
  }
}

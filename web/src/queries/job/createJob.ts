import { clothTo } from "../../model/cloth/cloth";
import { coverTo } from "../../model/cover/cover";
import type { Cover } from "../../model/cover/cover";
import { api, type ClothDocument, type Unit } from "../../api/client";
import { clothCopied, clothsFrom } from "../../model/job/document";

/** An id for something new: said by this side, so that asking again after a lost answer makes no second one. */
const newId = () => crypto.randomUUID().replaceAll("-", "");

/** Makes a job, with a cover already on it when one is said; gives its id, or null when the store did not answer. */
export async function createJob(
  unit: Unit,
  cover: Cover | null,
  cloth: ClothDocument | null = null,
): Promise<string | null> {
  const { data } = await api.POST("/api/jobs", {
    body: { id: newId(), name: "", client: "", place: "", unit },
  });
  if (!data) {
    return null;
  }

  if (cover) {
    await api.PUT("/api/jobs/{jobId}/covers/{coverId}", {
      params: { path: { jobId: data.id, coverId: newId() } },
      body: { position: 0, cover: coverTo(cover) },
      headers: { "If-None-Match": "*" },
    });
  }

  if (cloth) {
    const [first] = data.cloths;
    await api.PUT("/api/jobs/{id}/cloths/{key}", {
      params: { path: { id: data.id, key: first?.key ?? "" } },
      body: { ...first?.cloth, ...cloth },
      headers: { "If-Match": `"${first?.version}"` },
    });
  }

  return data.id;
}

/** One more like an old job: its things and cloth under a new heading, none of them cut. */
export async function oneMoreLike(id: string): Promise<string | null> {
  const { data } = await api.GET("/api/jobs/{id}", { params: { path: { id } } });
  if (!data) {
    return null;
  }

  const made = await api.POST("/api/jobs", {
    body: {
      id: newId(),
      name: `${data.name || "Unnamed job"}, one more`,
      client: data.client,
      place: data.place,
      unit: data.unit,
    },
  });
  if (!made.data) {
    return null;
  }

  const [first, ...others] = clothsFrom(data.cloths.map(({ cloth }) => cloth));
  await api.PUT("/api/jobs/{id}/cloth", {
    params: { path: { id: made.data.id } },
    body: {
      ...clothTo(clothCopied(first)),
      others: others.map((cloth) => clothTo(clothCopied(cloth))),
    },
    headers: { "If-Match": `"${made.data.cloth.version}"` },
  });
  for (const { position, cover } of data.covers) {
    await api.PUT("/api/jobs/{jobId}/covers/{coverId}", {
      params: { path: { jobId: made.data.id, coverId: newId() } },
      body: { position, cover: { ...cover, cut: [] } },
      headers: { "If-None-Match": "*" },
    });
  }

  return made.data.id;
}

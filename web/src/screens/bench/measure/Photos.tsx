import { saidOf } from "../../../queries/server/faults";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api } from "../../../api/client";
import { useBench } from "../../../model/job/benchStore";
import { saveNow } from "../../../queries/saving/autosave";
import { FilePick } from "../../../ui/FilePick";
import { sendPhoto } from "../../../queries/work/sendPhoto";

/** The photographs that hang on a measure of the thing, or on the thing itself; another is one touch away. */
export function Photos({ coverId, measure }: { coverId: string; measure: string }) {
  const jobId = useBench((state) => state.jobId) ?? "";
  const queries = useQueryClient();
  const [problem, setProblem] = useState("");
  const photos = useQuery({
    queryKey: ["photos", jobId],
    queryFn: async () =>
      (await api.GET("/api/jobs/{jobId}/photos", { params: { path: { jobId } } })).data ?? [],
  });
  const refresh = () => queries.invalidateQueries({ queryKey: ["photos", jobId] });
  const add = async (file: File) => {
    try {
      await saveNow(); // a thing just begun must be known where its photograph is kept
      setProblem(await sendPhoto(`/api/jobs/${jobId}/photos`, coverId, measure, file));
      await refresh();
    } catch (error) {
      setProblem(
        saidOf(error, "The workroom’s computer does not answer: the photograph was not kept, try again."),
      );
    }
  };
  const remove = async (id: string) => {
    await api.DELETE("/api/jobs/{jobId}/photos/{id}", { params: { path: { jobId, id } } });
    await refresh();
  };
  const here = photos.data?.filter((photo) => photo.coverId === coverId && photo.measure === measure) ?? [];
  return (
    <div className="photos">
      {here.map((photo) => (
        <figure key={photo.id}>
          <a href={`/api/jobs/${jobId}/photos/${photo.id}`} target="_blank" rel="noreferrer">
            <img src={`/api/jobs/${jobId}/photos/${photo.id}/thumbnail`} alt={photo.name || "photograph"} />
          </a>
          <button
            type="button"
            className="row-off"
            aria-label={`Take off ${photo.name || "photograph"}`}
            onClick={() => void remove(photo.id)}
          >
            ×
          </button>
        </figure>
      ))}
      <FilePick
        button="+ photograph"
        label="A photograph"
        accept="image/jpeg,image/png,image/webp"
        onPick={(file) => void add(file)}
      />

      {problem && <span role="alert">{problem}</span>}
    </div>
  );
}

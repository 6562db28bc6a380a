import { useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { api } from "../../api/client";
import { refreshFromStore } from "../saving/autosave";
import { editText, useBench } from "../../model/job/benchStore";

const lastBench = "wrapper.last-bench";

/** While a job is open: a tape types into the lit measure, and what a sheet or another tab wrote is shown. */
export function useLive(jobId: string) {
  const queries = useQueryClient();
  useEffect(() => {
    const tab = crypto.randomUUID();
    const claim = () => localStorage.setItem(lastBench, tab);
    claim();
    window.addEventListener("focus", claim);
    window.addEventListener("pointerdown", claim);
    const source = new EventSource(`/api/jobs/${encodeURIComponent(jobId)}/live`);
    source.addEventListener("tape", (event) => {
      // A tape is one, benches may be many: the one last worked at takes the reading.
      if (localStorage.getItem(lastBench) === tab) {
        takeReading((JSON.parse(event.data as string) as { text: string }).text);
      }
    });
    source.addEventListener("written", (event) => {
      // What was cut or sewn is none of the bench’s; what a bench wrote it has written itself.
      const part = (JSON.parse(event.data as string) as { text: string }).text;
      if (part === "photos") {
        void queries.invalidateQueries({ queryKey: ["photos", jobId] });
      } else if (part !== "work" && part !== "drafts") {
        void api.GET("/api/jobs/{id}", { params: { path: { id: jobId } } }).then(({ data }) => {
          if (data) {
            refreshFromStore(data, part);
          }
        });
      }
    });
    return () => {
      source.close();
      window.removeEventListener("focus", claim);
      window.removeEventListener("pointerdown", claim);
    };
  }, [jobId, queries]);
}

/** Writes a reading into the measure that is lit. */
export function takeReading(text: string) {
  const { measure } = useBench.getState();
  if (measure && measure !== "measuredFrom") {
    editText("measures", measure, text);
    window.dispatchEvent(new CustomEvent("wrapper:taken", { detail: text }));
  }
}

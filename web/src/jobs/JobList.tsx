import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { api, type JobLine } from "../api/client";
import "./jobs.css";

const date = new Intl.DateTimeFormat("en-GB", {
  day: "numeric",
  month: "long",
  year: "numeric",
  hour: "2-digit",
  minute: "2-digit",
});

/** The jobs to come back to, the one last worked on first. */
export function JobList() {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [removed, setRemoved] = useState<JobLine | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const jobs = useQuery({
    queryKey: ["jobs"],
    queryFn: async () => {
      const { data } = await api.GET("/api/jobs");
      if (!data) {
        throw new Error("The jobs did not come.");
      }

      return data;
    },
  });

  const create = async () => {
    const unit = (jobs.data?.[0]?.unit ?? "in") as "in" | "cm" | "mm";
    const { data } = await api.POST("/api/jobs", { body: { name: "", client: "", place: "", unit } });
    if (!data) {
      setProblem("The job could not be made: the workroom’s computer did not answer.");
      return;
    }

    const cover = crypto.randomUUID().replaceAll("-", "");
    await api.PUT("/api/jobs/{jobId}/covers/{coverId}", {
      params: { path: { jobId: data.id, coverId: cover } },
      body: { position: 0, cover: {} },
      headers: { "If-None-Match": "*" },
    });
    await navigate(`/jobs/${data.id}`);
  };

  const remove = async (job: JobLine) => {
    const { data } = await api.DELETE("/api/jobs/{id}", {
      params: { path: { id: job.id } },
      headers: { "If-Match": `"${job.version}"` },
    });
    setProblem(data ? null : "That job was changed in the meantime: look at it again before deleting it.");
    setRemoved(data ? job : null);
    await queries.invalidateQueries({ queryKey: ["jobs"] });
  };

  const restore = async (job: JobLine) => {
    await api.POST("/api/jobs/{id}/restore", { params: { path: { id: job.id } } });
    setRemoved(null);
    await queries.invalidateQueries({ queryKey: ["jobs"] });
  };

  return (
    <main className="job-list">
      <header>
        <h1>Wrapper</h1>
        <p>From a measured cushion to the cloth to buy.</p>
      </header>
      <button type="button" className="new-job" autoFocus onClick={() => void create()}>
        Measure something new
      </button>
      {removed && (
        <p className="removed" role="status">
          “{removed.name || "Unnamed job"}” is deleted.{" "}
          <button type="button" onClick={() => void restore(removed)}>
            Bring it back
          </button>
        </p>
      )}
      {problem && <p role="alert">{problem}</p>}
      {jobs.isError && (
        <p role="alert">The workroom’s computer does not answer. Nothing is lost; try again in a moment.</p>
      )}
      <h2>Jobs on the shelf</h2>
      {jobs.data?.length === 0 && <p>None yet.</p>}
      <ul>
        {jobs.data?.map((job) => (
          <li key={job.id} className="sheet">
            <Link to={`/jobs/${job.id}`}>
              <strong>{job.name || "Unnamed job"}</strong>
              <span>{[job.client, job.place].filter(Boolean).join(", ")}</span>
            </Link>
            <span className="job-state">
              {job.covers === 1 ? "1 cover" : `${job.covers} covers`}
              {job.completeCovers < job.covers && <em>{job.covers - job.completeCovers} unfinished</em>}
            </span>
            <time dateTime={job.updated}>{date.format(new Date(job.updated))}</time>
            <Link to={`/jobs/${job.id}/cutting-sheet`}>Cutting sheet</Link>
            <button
              type="button"
              className="plain-button"
              aria-label={`Delete ${job.name || "unnamed job"}`}
              onClick={() => void remove(job)}
            >
              Delete
            </button>
          </li>
        ))}
      </ul>
    </main>
  );
}

import { useQueryClient } from "@tanstack/react-query";
import { Input, Segmented } from "antd";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { api, type JobLine, type Unit } from "../../api/client";
import { BrokenHouse } from "./BrokenHouse";
import { JobRow } from "./JobRow";
import { createJob, oneMoreLike } from "../../queries/job/createJob";
import { letUnsentGo, unsentName, useUnsent } from "../../queries/saving/outbox";
import { takeIn } from "../../queries/job/jobFiles";
import { useCatalogue } from "../../queries/server/useCatalogue";
import { useGone, useJobs } from "../../queries/job/useJobs";
import { useSettled } from "../../queries/figures/useSettled";
import { PanelBoundary } from "../../ui/trouble/PanelBoundary";
import { WhenSeen } from "../../ui/WhenSeen";
import { FilePick } from "../../ui/FilePick";
import "../../drawing/drawing.css";
import "./jobs.css";

const pauseBeforeFinding = 150;
/** What is said where none is listed. */
const nothing: Record<string, string> = {
  "": "None yet.",
  measure: "None has anything to measure.",
  cut: "None is ready to cut.",
  archived: "None was put away.",
};
const notAnswering = "The workroom’s computer did not answer: nothing was made, nothing is lost.";

/** Three ways in: a thing to cover, a cloth one has, an old job again; the one last worked on first. */
export function JobList() {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [removed, setRemoved] = useState<JobLine | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const unsent = useUnsent((state) => state.ids);
  const [sought, setSought] = useState("");
  const find = useSettled(sought.trim(), pauseBeforeFinding);
  const [which, setWhich] = useState("");
  const [sort, setSort] = useState("worked");
  const catalogue = useCatalogue().data;
  const jobs = useJobs({ find, which, sort });
  const found = jobs.data?.pages.flatMap((page) => page.jobs);
  const gone = useGone(unsent);

  const go = async (made: Promise<string | null>) => {
    const id = await made.catch(() => null);
    if (id) {
      await navigate(`/jobs/${id}`);
    } else {
      setProblem(notAnswering);
    }
  };

  const take = async (file: File) => {
    const taken = await takeIn(file);
    if ("problem" in taken) {
      setProblem(taken.problem);
    } else if (taken.leftOut.length > 0) {
      setProblem(`The job was taken in, and stands first on the shelf, without ${taken.leftOut.join(" ")}`);
      await queries.invalidateQueries();
    } else {
      await navigate(`/jobs/${taken.id}`);
    }
  };

  const remove = async (job: JobLine) => {
    const { data } = await api.DELETE("/api/jobs/{id}", {
      params: { path: { id: job.id } },
      headers: { "If-Match": `"${job.version}"` },
    });
    setProblem(data ? null : "That job was changed in the meantime: look at it again before deleting it.");
    setRemoved(data ? job : null);
    await queries.invalidateQueries();
  };

  const archive = async (job: JobLine) => {
    const { data } = await api.PUT("/api/jobs/{id}/archived", {
      params: { path: { id: job.id } },
      headers: { "If-Match": `"${job.version}"` },
      body: { archived: !job.archived },
    });
    setProblem(
      data ? null : "That job was changed in the meantime: look at it again before putting it away.",
    );
    await queries.invalidateQueries();
  };

  const restore = async (job: JobLine) => {
    await api.POST("/api/jobs/{id}/restore", { params: { path: { id: job.id } } });
    setRemoved(null);
    await queries.invalidateQueries();
  };

  const bringBack = async (id: string) => {
    await api.POST("/api/jobs/{id}/restore", { params: { path: { id } } });
    await navigate(`/jobs/${id}`);
  };

  return (
    <main className="job-list">
      <header>
        <h1>Wrapper</h1>
        <p>Measure it, draft it, know that it closes, buy the cloth once.</p>
      </header>
      <div className="ways-in">
        <button
          type="button"
          className="new-job"
          autoFocus
          onClick={() => void go(createJob((found?.[0]?.unit ?? "in") as Unit, null))}
        >
          A thing to cover
          <span>measure it and see</span>
        </button>
        <Link className="new-job other" to="/cloth-at-hand">
          A cloth I have
          <span>what can be made of it?</span>
        </Link>
        <Link className="new-job other" to="/practice">
          Practice
          <span>a sum a day, five minutes</span>
        </Link>
      </div>
      {removed && (
        <p className="removed" role="status">
          “{removed.name || "Unnamed job"}” is deleted.{" "}
          <button type="button" onClick={() => void restore(removed)}>
            Bring it back
          </button>
        </p>
      )}
      {gone.map((id) => (
        <p className="removed" role="status" key={id}>
          “{unsentName(id) || "Unnamed job"}” was deleted, and something that was typed for it waits on this
          device.{" "}
          <button type="button" onClick={() => void bringBack(id)}>
            Bring the job back
          </button>{" "}
          <button type="button" onClick={() => letUnsentGo(id)}>
            Let it go
          </button>
        </p>
      ))}
      {problem && <p role="alert">{problem}</p>}
      <BrokenHouse />
      {jobs.isError && (
        <p role="alert">The workroom’s computer does not answer. Nothing is lost; try again in a moment.</p>
      )}
      <div className="shelf-heading">
        <h2>An old job again: the shelf</h2>
        <FilePick
          button="Take in a job file"
          label="A job file"
          accept=".json,application/json"
          onPick={(file) => void take(file)}
        />
        <a className="copy-of-all" href="/api/backup" download>
          A copy of everything
        </a>
        <Input
          type="search"
          aria-label="Find a job"
          placeholder="find by name, client or place"
          value={sought}
          onChange={(event) => setSought(event.target.value)}
        />
      </div>
      <div className="shelf-view">
        <Segmented
          aria-label="Which jobs"
          value={which}
          options={[
            { value: "", label: "all" },
            { value: "measure", label: "to measure" },
            { value: "cut", label: "ready to cut" },
            { value: "archived", label: "put away" },
          ]}
          onChange={setWhich}
        />
        <Segmented
          aria-label="Sorted by"
          value={sort}
          options={[
            { value: "worked", label: "last worked on" },
            { value: "name", label: "name" },
            { value: "client", label: "client" },
          ]}
          onChange={setSort}
        />
      </div>
      {found?.length === 0 && <p>{find ? `No job on the shelf says “${find}”.` : nothing[which]}</p>}
      <ul>
        {found?.map((job) => (
          <PanelBoundary key={job.id} name={job.name || "This job"} raw={() => job}>
            <JobRow
              job={job}
              catalogue={catalogue}
              isWaiting={unsent.includes(job.id)}
              onMore={() => void go(oneMoreLike(job.id))}
              onArchive={() => void archive(job)}
              onRemove={() => void remove(job)}
            />
          </PanelBoundary>
        ))}
      </ul>
      {jobs.hasNextPage && (
        <WhenSeen
          key={found?.length}
          label={jobs.isFetchingNextPage ? "More jobs are coming…" : "More jobs"}
          onSeen={() => void jobs.fetchNextPage()}
        />
      )}
    </main>
  );
}

import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { api, type JobLine } from "../../api/client";
import { takeIn } from "../../queries/job/jobFiles";

const notAnswering = "The workroom’s computer did not answer: nothing was made, nothing is lost.";

const changedMeanwhile = (before: string) =>
  `That job was changed in the meantime: look at it again before ${before}.`;

const asSeen = (job: JobLine) => ({
  params: { path: { id: job.id } },
  headers: { "If-Match": `"${job.version}"` },
});

/** What is done to the jobs on the shelf, and what went wrong with it. */
export function useShelf() {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [removed, setRemoved] = useState<JobLine | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const open = (id: string) => navigate(`/jobs/${id}`);

  const go = async (made: Promise<string | null>) => {
    const id = await made.catch(() => null);
    await (id ? open(id) : setProblem(notAnswering));
  };

  const take = async (file: File) => {
    const taken = await takeIn(file);
    if ("problem" in taken) {
      setProblem(taken.problem);
    } else if (taken.leftOut.length > 0) {
      setProblem(`The job was taken in, and stands first on the shelf, without ${taken.leftOut.join(" ")}`);
      await queries.invalidateQueries();
    } else {
      await open(taken.id);
    }
  };

  const remove = async (job: JobLine) => {
    const { data } = await api.DELETE("/api/jobs/{id}", asSeen(job));
    setProblem(data ? null : changedMeanwhile("deleting it"));
    setRemoved(data ? job : null);
    await queries.invalidateQueries();
  };

  const archive = async (job: JobLine) => {
    const { data } = await api.PUT("/api/jobs/{id}/archived", {
      ...asSeen(job),
      body: { archived: !job.archived },
    });
    setProblem(data ? null : changedMeanwhile("putting it away"));
    await queries.invalidateQueries();
  };

  const restore = async (job: JobLine) => {
    await api.POST("/api/jobs/{id}/restore", { params: { path: { id: job.id } } });
    setRemoved(null);
    await queries.invalidateQueries();
  };

  const bringBack = async (id: string) => {
    await api.POST("/api/jobs/{id}/restore", { params: { path: { id } } });
    await open(id);
  };

  return { removed, problem, go, take, remove, archive, restore, bringBack };
}

import { useState } from "react";
import type { JobLine, Unit } from "../../api/client";
import { BrokenHouse } from "./BrokenHouse";
import { DeletedJobs } from "./DeletedJobs";
import { JobRow } from "./JobRow";
import { ShelfHeading } from "./ShelfHeading";
import { useShelf } from "./useShelf";
import { WaysIn } from "./WaysIn";
import { createJob, oneMoreLike } from "../../queries/job/createJob";
import { useUnsent } from "../../queries/saving/outbox";
import { useCatalogue } from "../../queries/server/useCatalogue";
import { useGone, useJobs } from "../../queries/job/useJobs";
import { useSettled } from "../../queries/figures/useSettled";
import { PanelBoundary } from "../../ui/trouble/PanelBoundary";
import { WhenSeen } from "../../ui/WhenSeen";
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

/** Three ways in: a thing to cover, a cloth one has, an old job again; the one last worked on first. */
export function JobList() {
  const [view, setView] = useState({ sought: "", which: "", sort: "worked" });
  const find = useSettled(view.sought.trim(), pauseBeforeFinding);
  const jobs = useJobs({ find, which: view.which, sort: view.sort });
  const found = jobs.data?.pages.flatMap((page) => page.jobs);
  const gone = useGone(useUnsent((state) => state.ids));
  const shelf = useShelf();
  return (
    <main className="job-list">
      <header>
        <h1>Wrapper</h1>
        <p>Measure it, draft it, know that it closes, buy the cloth once.</p>
      </header>
      <WaysIn onNew={() => void shelf.go(createJob((found?.[0]?.unit ?? "in") as Unit, null))} />
      <DeletedJobs
        removed={shelf.removed}
        gone={gone}
        onRestore={(job) => void shelf.restore(job)}
        onBringBack={(id) => void shelf.bringBack(id)}
      />
      {shelf.problem && <p role="alert">{shelf.problem}</p>}
      <BrokenHouse />
      {jobs.isError && (
        <p role="alert">The workroom’s computer does not answer. Nothing is lost; try again in a moment.</p>
      )}
      <ShelfHeading view={view} onView={setView} onTake={(file) => void shelf.take(file)} />
      {found?.length === 0 && <p>{find ? `No job on the shelf says “${find}”.` : nothing[view.which]}</p>}
      <JobRows jobs={found ?? []} shelf={shelf} />
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

interface RowsProps {
  jobs: JobLine[];
  shelf: ReturnType<typeof useShelf>;
}

function JobRows({ jobs, shelf }: RowsProps) {
  const catalogue = useCatalogue().data;
  const unsent = useUnsent((state) => state.ids);
  return (
    <ul>
      {jobs.map((job) => (
        <PanelBoundary key={job.id} name={job.name || "This job"} raw={() => job}>
          <JobRow
            job={job}
            catalogue={catalogue}
            isWaiting={unsent.includes(job.id)}
            onMore={() => void shelf.go(oneMoreLike(job.id))}
            onArchive={() => void shelf.archive(job)}
            onRemove={() => void shelf.remove(job)}
          />
        </PanelBoundary>
      ))}
    </ul>
  );
}

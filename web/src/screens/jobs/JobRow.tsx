import { Link } from "react-router";
import type { JobLine } from "../../api/client";
import { JobThings } from "./JobThings";

const date = new Intl.DateTimeFormat("en-GB", {
  day: "numeric",
  month: "short",
  year: "numeric",
  hour: "2-digit",
  minute: "2-digit",
});

interface Props {
  job: JobLine;
  /** Something that was typed for it waits in this browser. */
  isWaiting: boolean;
  onMore: () => void;
  onRemove: () => void;
}

/** A job on the shelf: open it, cut from it, make one more like it. */
export function JobRow({ job, isWaiting, onMore, onRemove }: Props) {
  const name = job.name || "unnamed job";
  return (
    <li className="sheet">
      <Link to={`/jobs/${job.id}`} className="job-open">
        <JobThings job={job} />
        <span>
          <strong>{job.name || "Unnamed job"}</strong>
          {[job.client, job.place].filter(Boolean).join(", ")}
        </span>
      </Link>
      <span className="job-state">
        {job.covers === 1 ? "1 cover" : `${job.covers} covers`}
        {isWaiting && <em>not all saved yet: it waits on this device</em>}
        {job.completeCovers < job.covers && <em>{job.covers - job.completeCovers} unfinished</em>}
      </span>
      <time dateTime={job.updated}>{date.format(new Date(job.updated))}</time>
      <Link to={`/jobs/${job.id}/cutting-sheet`}>Cutting sheet</Link>
      <button type="button" className="plain-button" aria-label={`One more like ${name}`} onClick={onMore}>
        One more like this
      </button>
      <button type="button" className="plain-button" aria-label={`Delete ${name}`} onClick={onRemove}>
        Delete
      </button>
    </li>
  );
}

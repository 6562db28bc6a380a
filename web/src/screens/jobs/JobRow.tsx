import { TextButton } from "../../ui/TextButton";
import { useState } from "react";
import { Link } from "react-router";
import type { Catalogue, JobLine } from "../../api/client";
import { Figure } from "../../drawing/Figure";
import { missingOf } from "../../model/job/missing";
import { useJobDocument } from "../../queries/job/useJobDocument";
import { useSeen } from "../../ui/hooks/useSeen";
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
  catalogue: Catalogue | undefined;
  /** Something that was typed for it waits in this browser. */
  isWaiting: boolean;
  onMore: () => void;
  onArchive: () => void;
  onRemove: () => void;
}

/** A job on the shelf: what it is, how far it is and what is missing, what to buy; open it, cut from it, make one more like it. */
export function JobRow({ job, catalogue, isWaiting, onMore, onArchive, onRemove }: Props) {
  const [seen, setSeen] = useState(false);
  const ref = useSeen<HTMLLIElement>(() => setSeen(true));
  const document = useJobDocument(job, seen);
  const name = job.name || "unnamed job";
  const missing = document && catalogue && job.stage === "measure" ? missingOf(document, catalogue) : [];
  return (
    <li className="sheet" ref={ref}>
      <Link to={`/jobs/${job.id}`} className="job-open">
        <JobThings document={document} catalogue={catalogue} />
        <span>
          <strong>{job.name || "Unnamed job"}</strong>
          {[job.client, job.place].filter(Boolean).join(", ")}
          <time dateTime={job.updated}>{date.format(new Date(job.updated))}</time>
        </span>
      </Link>
      <span className="job-state">
        <StageOf job={job} />
        {isWaiting && <em>not all saved yet: it waits on this device</em>}
        {job.problem !== null && (
          <em>The name, client or place cannot be read whole: open the job to shorten it.</em>
        )}
        {missing.length > 0 && (
          <span className="job-missing" title={missing.join("\n")}>
            to take: {missing.slice(0, 2).join("; ")}
            {missing.length > 2 && ` and ${missing.length - 2} more`}
          </span>
        )}
      </span>
      <span className="job-figures">
        {job.figures?.map(({ cloth, figure, unit, cost }) => (
          <span key={cloth}>
            <b>
              <Figure text={figure} unit={unit} />
            </b>{" "}
            {cloth}
            {cost !== null && `, ${cost.toFixed(2)}`}
          </span>
        ))}
        {job.figures === null && job.completeCovers > 0 && <span>to buy: not looked for yet</span>}
      </span>
      <span className="job-acts">
        <Link to={`/jobs/${job.id}/cutting-sheet`}>Cutting sheet</Link>
        <TextButton aria-label={`One more like ${name}`} onClick={onMore}>
          One more like this
        </TextButton>
        <TextButton aria-label={`${job.archived ? "Take out" : "Put away"} ${name}`} onClick={onArchive}>
          {job.archived ? "Take out" : "Put away"}
        </TextButton>
        <TextButton aria-label={`Delete ${name}`} onClick={onRemove}>
          Delete
        </TextButton>
      </span>
    </li>
  );
}

/** How far a job is, in words. */
function StageOf({ job }: { job: JobLine }) {
  const covers = job.covers === 1 ? "1 cover" : `${job.covers} covers`;
  return job.stage === "cut" ? (
    <span className="job-stage ready">{covers}, ready to cut</span>
  ) : (
    <span className="job-stage">
      {job.covers === 0 ? "nothing in it yet" : `${job.completeCovers} of ${covers} measured`}
    </span>
  );
}

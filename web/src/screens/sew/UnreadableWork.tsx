import type { WorkEntry } from "../../api/client";
import { workerHere } from "../../model/work/atWork";
import { inForce, told } from "../../model/work/work";
import { storedAddress } from "../../queries/saving/repairPart";
import { tell } from "../../queries/saving/workOutbox";
import "../../ui/trouble/trouble.css";

/** Entries of the job’s work that cannot be read: each says what is wrong, and can be kept as a file or taken back. */
export function UnreadableWork({ job, work }: { job: string; work: WorkEntry[] }) {
  const entries = inForce(work).filter(({ kind }) => kind === "unreadable");
  return entries.length === 0 ? null : (
    <section className="panel-trouble" role="status" aria-label="Work that cannot be read">
      {entries.map(({ id, note }) => (
        <p key={id} className="panel-trouble-ways">
          <span>An entry of the work cannot be read, and does not count. {note}</span>
          <a href={storedAddress(job, `work/${id}`)} download>
            Save as stored
          </a>
          <button type="button" onClick={() => tell(job, told("undone", workerHere(), { subject: id }))}>
            Remove
          </button>
        </p>
      ))}
    </section>
  );
}

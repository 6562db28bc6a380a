import type { JobLine } from "../../api/client";
import { letUnsentGo, unsentName } from "../../queries/saving/outbox";

interface Props {
  /** The job that was deleted just now. */
  removed: JobLine | null;
  /** Jobs that were deleted while something typed for them waited on this device. */
  gone: string[];
  onRestore: (job: JobLine) => void;
  onBringBack: (id: string) => void;
}

/** Jobs that were deleted and can be brought back. */
export function DeletedJobs({ removed, gone, onRestore, onBringBack }: Props) {
  return (
    <>
      {removed && (
        <p className="removed" role="status">
          “{removed.name || "Unnamed job"}” is deleted.{" "}
          <button type="button" onClick={() => onRestore(removed)}>
            Bring it back
          </button>
        </p>
      )}
      {gone.map((id) => (
        <p className="removed" role="status" key={id}>
          “{unsentName(id) || "Unnamed job"}” was deleted, and something that was typed for it waits on this
          device.{" "}
          <button type="button" onClick={() => onBringBack(id)}>
            Bring the job back
          </button>{" "}
          <button type="button" onClick={() => letUnsentGo(id)}>
            Let it go
          </button>
        </p>
      ))}
    </>
  );
}

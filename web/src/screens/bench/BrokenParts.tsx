import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import type { Job } from "../../api/client";
import { isRemovable, removePart, repairPart, storedAddress } from "../../queries/saving/repairPart";
import { BrokenDocument } from "../../ui/trouble/BrokenDocument";
import "../../ui/trouble/trouble.css";

/** The parts of the job that cannot be read whole, each with what is wrong and the ways out; nothing else is held up by them. */
export function BrokenParts({ job }: { job: Job }) {
  const queries = useQueryClient();
  const [problem, setProblem] = useState("");
  const mend = async (way: Promise<string>) => {
    const said = await way.catch(() => "The workroom’s computer does not answer. Try again in a moment.");
    setProblem(said);
    if (!said) {
      await queries.invalidateQueries({ queryKey: ["job", job.id] });
    }
  };

  return job.broken.length === 0 ? null : (
    <section className="panel-trouble" role="alert" aria-label="Parts that cannot be read">
      {job.broken.map(({ part, name, problems }) => (
        <BrokenDocument
          key={part}
          title={`${name} cannot be read whole`}
          problems={problems}
          onRepair={() => void mend(repairPart(job, part))}
          storedAddress={storedAddress(job.id, part)}
        >
          {isRemovable(job, part) && (
            <button type="button" onClick={() => void mend(removePart(job, part))}>
              Remove the cover
            </button>
          )}
        </BrokenDocument>
      ))}
      {problem && <p>{problem}</p>}
    </section>
  );
}

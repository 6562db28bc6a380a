import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import type { Job } from "../../api/client";
import { isRemovable, removePart, repairPart, storedAddress } from "../../queries/repairPart";
import "../../ui/trouble.css";

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
        <div key={part}>
          <h2>{name} cannot be read whole</h2>
          <ul>
            {problems.map((one) => (
              <li key={one}>{one}</li>
            ))}
          </ul>
          <p className="panel-trouble-ways">
            <button type="button" onClick={() => void mend(repairPart(job, part))}>
              Keep what can be read
            </button>
            {isRemovable(job, part) && (
              <button type="button" onClick={() => void mend(removePart(job, part))}>
                Remove the cover
              </button>
            )}
            <a href={storedAddress(job.id, part)} download>
              Save it as it is stored
            </a>
          </p>
        </div>
      ))}
      {problem && <p>{problem}</p>}
    </section>
  );
}

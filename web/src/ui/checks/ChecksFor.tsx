import type { Check } from "../../api/client";
import { applyMend } from "../../model/job/mend";
import "./checks.css";

/** What was noticed, where it hangs, with one touch for the mend. */
export function ChecksFor({ checks }: { checks: Check[] }) {
  return (
    <ul className="checks" aria-live="polite">
      {checks.map((check) => (
        <li key={check.code + check.text} className={`check ${check.level}`}>
          <span className="check-level">{words[check.level] ?? check.level}</span> {check.text}{" "}
          {check.mends.map((mend) => (
            <button type="button" key={mend.label} onClick={() => applyMend(mend)}>
              {mend.label}
            </button>
          ))}
        </li>
      ))}
    </ul>
  );
}

const words: Record<string, string> = { error: "Stop.", warning: "Mind.", note: "Note." };

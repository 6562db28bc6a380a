import type { ReactNode } from "react";
import "./trouble.css";

interface Props {
  title: string;
  /** What is wrong with it, one sentence each. */
  problems: readonly string[];
  onRepair: () => void;
  isRepairing?: boolean;
  /** Where the document is found as it is stored. */
  storedAddress: string;
  /** Further ways out. */
  children?: ReactNode;
}

/** A stored document that cannot be read whole: what is wrong with it, and the ways out. */
export function BrokenDocument({ title, problems, onRepair, isRepairing, storedAddress, children }: Props) {
  return (
    <div>
      <h2>{title}</h2>
      <ul>
        {problems.map((one) => (
          <li key={one}>{one}</li>
        ))}
      </ul>
      <p className="panel-trouble-ways">
        <button type="button" disabled={isRepairing} onClick={onRepair}>
          Keep what can be read
        </button>
        {children}
        <a href={storedAddress} download>
          Save as stored
        </a>
      </p>
    </div>
  );
}

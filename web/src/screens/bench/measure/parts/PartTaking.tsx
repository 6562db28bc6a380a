import { TextButton } from "../../../../ui/TextButton";
import type { ReactNode } from "react";
import type { Check, Unit } from "../../../../api/client";
import { lengthsOf, type Edge, type Part, type PartLength } from "../../../../model/cover/parts";
import { ChecksFor } from "../../../../ui/checks/ChecksFor";
import { SidesCell } from "../lists/SidesCell";
import { MeasureField } from "../MeasureField";

export const lengthNames: Record<PartLength, string> = {
  width: "width",
  height: "height",
  freeTuck: "depth of the gap",
};

interface Props {
  part: Part;
  asked: PartLength;
  /** Another whenever a length is turned to: then the tape's figure goes into the field. */
  taking: string;
  /** What comes after this, in words; null where everything is taken. */
  next: string | null;
  unit: Unit;
  checks: Check[];
  /** What can be measured besides the parts. */
  besides: ReactNode;
  onType: (text: string) => void;
  onWalk: (step: 1 | -1) => void;
  onAsk: (length: PartLength) => void;
  onChange: (change: PartChange) => void;
}

export type PartChange = Partial<Pick<Part, "tucks" | "piped" | "pair" | "slanted" | "strip">>;

/** One length of one part, with how to hold the tape for it and what else is true of the part. */
export function PartTaking({
  part,
  asked,
  taking,
  next,
  unit,
  checks,
  besides,
  onType,
  onWalk,
  onAsk,
  onChange,
}: Props) {
  const flag = (name: "pair" | "slanted" | "strip", label: string) => (
    <TextButton aria-pressed={part[name]} onClick={() => onChange({ [name]: !part[name] })}>
      {label}
    </TextButton>
  );
  const sides = (name: "tucks" | "piped", label: string) => (
    <span className="part-sides">
      {label}{" "}
      <SidesCell
        value={part[name]}
        data-cell={name}
        aria-label={`${label}: ${part.name}`}
        onKeyDown={() => undefined}
        onChange={(chosen) => onChange({ [name]: chosen as Edge[] })}
      />
    </span>
  );
  return (
    <div className="taking part-taking">
      <MeasureField
        key={taking}
        measure={{ label: `${part.name}: ${lengthNames[asked]}` }}
        unit={unit}
        text={part[asked]}
        wrong={checks.some((check) => check.level === "error") && part[asked].trim() !== ""}
        onChange={onType}
        onWalk={onWalk}
      />
      <div className="measure-walk">
        <div id="measure-guidance">
          <p>
            {guidance(part, asked)} <strong>{next ? `Next: ${next}.` : "All parts taken."}</strong>
          </p>
          <ChecksFor checks={checks} />
        </div>
        <p className="part-lengths">
          {lengthsOf(part).map((length) => (
            <TextButton key={length} aria-pressed={length === asked} onClick={() => onAsk(length)}>
              {lengthNames[length]} {part[length].trim() || "?"}
            </TextButton>
          ))}
          {sides("tucks", "goes down")}
          {sides("piped", "piped")}
          {flag("pair", "has a twin")}
          {flag("slanted", "slanted")}
          {flag("strip", "strip round a curve")}
          {besides}
        </p>
      </div>
    </div>
  );
}

function guidance(part: Part, asked: PartLength): string {
  if (asked === "freeTuck") {
    return "How deep a flat hand goes down the gap.";
  }

  if (asked === "height") {
    return part.strip ? "Across the strip, seam to seam." : "Between the seams at the longest.";
  }

  return part.strip
    ? "Along its outer curve, from end to end."
    : part.slanted
      ? "Plumb: straight across at the widest, not along the slant."
      : "Between the seams at the widest.";
}

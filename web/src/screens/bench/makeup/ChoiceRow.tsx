import { Segmented } from "antd";
import type { ReactNode } from "react";
import { Glossed } from "../../../ui/Glossed";

/** A line of the make-up: what it is, and where it is set. */
export function Row({ label, children }: { label: string; children: ReactNode }) {
  return (
    <div className="makeup-row">
      <span className="rule-label">
        <Glossed text={label} />
      </span>
      {children}
    </div>
  );
}

interface Props {
  label: string;
  value: string;
  options: { value: string; label: string }[];
  onChange: (value: string) => void;
}

/** A choice between a few, all in sight. */
export function ChoiceRow({ label, value, options, onChange }: Props) {
  return (
    <Row label={label}>
      <Segmented size="small" aria-label={label} value={value} options={options} onChange={onChange} />
    </Row>
  );
}

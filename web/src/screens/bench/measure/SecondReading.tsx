import { Input, Select } from "antd";

const uses = ["larger", "smaller", "mean"];

interface Props {
  /** What was measured, in words. */
  of: string;
  text: string;
  /** Which of the two holds; the larger where nothing is said. */
  use: string;
  /** Why it is worth one; null where it is not more so than the others. */
  why?: string | null;
  onType: (text: string) => void;
  onUse: (use: string) => void;
}

/** What the button that opens a second reading says. */
export function secondButton(text: string, isWorth = false): string {
  return text ? `second reading ${text}` : isWorth ? "worth a second reading" : "+ second reading";
}

/** A length taken a second time, and which of the two holds. */
export function SecondReading({ of, text, use, why, onType, onUse }: Props) {
  return (
    <p className="extra-open">
      {why && <span>{why} </span>}
      <label>
        Second reading{" "}
        <Input
          autoFocus
          size="small"
          className="second-reading"
          value={text}
          aria-label={`Second reading of the ${of}`}
          onChange={(event) => onType(event.target.value)}
        />
      </label>{" "}
      <label>
        use the{" "}
        <Select
          size="small"
          aria-label="Which of the two holds"
          value={use || "larger"}
          options={uses.map((word) => ({ value: word }))}
          onChange={onUse}
        />
      </label>
    </p>
  );
}

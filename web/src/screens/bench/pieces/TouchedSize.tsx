import { Figure } from "../../../drawing/Figure";

interface Props {
  /** Which line of the working it opens. */
  line: string;
  text: string;
  label: string;
  /** The line that is open. */
  shown: string;
  onTouch: (line: string) => void;
}

/** A figure that shows its sum when touched. */
export function TouchedSize({ line, text, label, shown, onTouch }: Props) {
  return (
    <button
      type="button"
      className={line === shown ? "size touched" : "size"}
      aria-label={`${label}: ${text}, show the sum`}
      onClick={() => onTouch(line)}
    >
      <Figure text={text} />
    </button>
  );
}

import type { Draft } from "../../../api/client";
import { TouchedSize } from "./TouchedSize";

interface Props {
  draft: Draft;
  shown: string;
  onTouch: (line: string) => void;
}

const size = new Set(["d", "W", "D", "L", "H", "t", "T"]);
const besides = new Set(["piping", "corner-line", "zip"]);

/** Finished sizes and the lengths of zip and piping; each can be touched for its sum. */
export function FinishedSizes({ draft, shown, onTouch }: Props) {
  const figure = (line: string, text: string, label: string) => (
    <TouchedSize line={line} text={text} label={label} shown={shown} onTouch={onTouch} />
  );
  return (
    <p className="finished">
      <span>
        finished{" "}
        {draft.finished
          .filter((entry) => size.has(entry.key))
          .map((entry, i) => (
            <span key={entry.key}>
              {i > 0 && "×"}
              {figure(entry.key, entry.shown, entry.name)}
            </span>
          ))}
      </span>
      {draft.finished
        .filter((entry) => !size.has(entry.key))
        .map((entry) => (
          <span key={entry.key}>
            {entry.brief.toLowerCase()} {figure(entry.key, entry.shown, entry.name)}
          </span>
        ))}
      {draft.notions
        .filter((notion) => besides.has(notion.kind))
        .map((notion) => (
          <span key={notion.kind}>
            {notion.quantity} × {notion.brief.toLowerCase()}{" "}
            {figure(`${notion.kind}.length`, notion.lengthShown, notion.name)}
          </span>
        ))}
    </p>
  );
}

import { TextButton } from "../../../ui/TextButton";
import type { Working } from "../../../api/client";
import { Figure } from "../../../drawing/Figure";

interface Props {
  working: Working;
  lines: Working[];
  onTouch: (line: string) => void;
}

/** One number's sum, in one line, as it would stand on a whiteboard; a figure that was itself worked out can be touched on. */
export function WorkingLine({ working, lines, onTouch }: Props) {
  return (
    <p className="working" aria-live="polite">
      <strong>{working.name}</strong> <Figure text={working.shown} /> ={" "}
      {working.tokens.map((token, i) => {
        const deeper =
          token.source === "worked"
            ? lines.find(
                (line) => line.name.toLowerCase() === token.name?.toLowerCase() || line.for === token.name,
              )
            : undefined;
        return token.name ? (
          <span key={i} className="working-figure">
            {" "}
            <Figure text={token.shown} />{" "}
            {deeper ? (
              <TextButton className="working-name" onClick={() => onTouch(deeper.for)}>
                {token.name}
              </TextButton>
            ) : (
              <span className="working-name" title={sourceWords[token.source ?? ""]}>
                {token.name}
              </span>
            )}
          </span>
        ) : (
          <span key={i}> {signs[token.text] ?? token.text}</span>
        );
      })}
    </p>
  );
}

const sourceWords: Record<string, string> = {
  measure: "measured",
  default: "the usual figure",
  house: "the house’s default",
  cover: "said for this cover",
  cloth: "from the cloth",
  worked: "worked out",
};

const signs: Record<string, string> = { "⌈": "(", "⌉": ")", to: "rounded up to", "√(2)": "√2" };

import { TextButton } from "../../../ui/TextButton";
import type { Cover } from "../../../model/cover/cover";
import type { Check, Measure, Shape } from "../../../api/client";
import { ChecksFor } from "../../../ui/checks/ChecksFor";
import { isAsked } from "../../../model/cover/shape";

interface Props {
  /** What was noticed on the measure being asked for: said in place of the guidance, so that the drawing does not move. */
  checks: Check[];
  shape: Shape;
  cover: Cover;
  asked: Measure;
  next: string | null;
  /** Every measure is taken and can be read. */
  complete: boolean;
  onAsk: (measure: string) => void;
}

/** How to hold the tape for this measure, what comes next, and the checks that can be measured besides. */
export function MeasureWalk({ checks, shape, cover, asked, next, complete, onAsk }: Props) {
  const following = shape.measures.find((known) => known.name === next);
  const optional = shape.measures.filter((known) => !isAsked(known, cover));
  return (
    <div className="measure-walk">
      <div id="measure-guidance">
        {checks.length > 0 ? (
          <ChecksFor checks={checks} />
        ) : (
          <p>
            {asked.guidance}{" "}
            {following && isAsked(asked, cover) ? (
              <strong>Next: {following.label.toLowerCase()}.</strong>
            ) : null}
            {!following && complete ? <strong>All measures taken.</strong> : null}
          </p>
        )}
      </div>
      <p className="optional-measures">
        {optional.map((known) => (
          <TextButton
            key={known.name}
            aria-pressed={known.name === asked.name}
            title={known.label}
            onClick={() => onAsk(known.name)}
          >
            {cover.measures[known.name]?.trim()
              ? `${shortLabel(known)}: ${cover.measures[known.name]}`
              : `+ ${shortLabel(known)}`}
          </TextButton>
        ))}
      </p>
    </div>
  );
}

/** “Diagonal, front left to back right” is diagonal 1 where there is little room. */
function shortLabel(measure: Measure): string {
  const diagonal = /^diagonal(\d)$/.exec(measure.name)?.[1];
  return diagonal ? `diagonal ${diagonal}` : measure.label.toLowerCase();
}

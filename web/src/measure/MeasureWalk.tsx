import type { Cover, Measure, Shape } from "../api/client";

interface Props {
  shape: Shape;
  cover: Cover;
  asked: Measure;
  next: string | null;
  /** Every measure is taken and can be read. */
  complete: boolean;
  onAsk: (measure: string) => void;
}

/** How to hold the tape for this measure, what comes next, and the checks that can be measured besides. */
export function MeasureWalk({ shape, cover, asked, next, complete, onAsk }: Props) {
  const following = shape.measures.find((known) => known.name === next);
  const optional = shape.measures.filter((known) => known.optional);
  return (
    <div className="measure-walk">
      <p id="measure-guidance">
        {asked.guidance} {following && !asked.optional ? <strong>Next: {following.label.toLowerCase()}.</strong> : null}
        {!following && complete ? <strong>All measures taken.</strong> : null}
      </p>
      <p className="optional-measures">
        {optional.map((known, i) => (
          <button type="button" className="plain-button" key={known.name} aria-pressed={known.name === asked.name} title={known.label} onClick={() => onAsk(known.name)}>
            {cover.measures[known.name]?.trim() ? `diagonal ${i + 1}: ${cover.measures[known.name]}` : `+ diagonal ${i + 1}`}
          </button>
        ))}
      </p>
    </div>
  );
}

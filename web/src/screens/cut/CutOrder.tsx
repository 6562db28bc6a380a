import type { CutStep } from "../../model/pieces/cutSteps";

interface Props {
  steps: CutStep[];
}

/** In which order the lay is cut: a line for every cut right across, numbered as on the drawing, and what comes free by it. */
export function CutOrder({ steps }: Props) {
  return steps.length > 0 ? (
    <>
      <h2>Order of cuts, from the cut end</h2>
      <ol className="cut-order">
        {steps.map((step, i) => (
          <li key={step.shown}>
            <span className="cut-step">{i + 1}</span>
            <span>
              across {step.times > 1 && `${step.times} times, to `}
              <strong>{step.shown}</strong>
              {step.straight ? "" : ", then round the shapes"}
            </span>
            <span className="cut-free">
              {step.pieces.map(({ name, count }, place) => (
                <span key={`${place} ${name}`}>
                  <strong>{name}</strong>
                  {count * step.times > 1 && ` × ${count * step.times}`}
                </span>
              ))}
            </span>
          </li>
        ))}
      </ol>
    </>
  ) : null;
}

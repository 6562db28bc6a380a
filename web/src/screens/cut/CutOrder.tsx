import type { Yardage } from "../../api/client";
import { cutSteps } from "../../model/cutSteps";

interface Props {
  yardage: Yardage;
  /** What a cover is called; empty where the job has only one. */
  coverName: (cover: string) => string;
}

/** In which order the lay is cut: right across wherever that goes, then each stretch apart. */
export function CutOrder({ yardage, coverName }: Props) {
  const names = new Map(
    yardage.pieces.map((piece) => [
      piece.id,
      [coverName(piece.cover), piece.name].filter(Boolean).join(": "),
    ]),
  );
  const steps = cutSteps(yardage.cuts, (piece) => names.get(piece) ?? "piece");
  return steps.length > 0 ? (
    <>
      <h2>Order of cuts, from the cut end</h2>
      <ol className="cut-order">
        {steps.map((step) => (
          <li key={step.shown}>
            {step.times > 1 ? `Cut right across ${step.times} times, to` : "Cut right across at"}{" "}
            <strong>{step.shown}</strong>:{" "}
            {step.pieces
              .map(({ name, count }) => (count * step.times > 1 ? `${count * step.times} × ${name}` : name))
              .join("; ")}
            {step.straight ? "" : " (round the shapes)"}
          </li>
        ))}
      </ol>
    </>
  ) : null;
}

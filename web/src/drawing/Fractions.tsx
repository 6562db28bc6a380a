import { splitFigure } from "../model/pieces/figures";

interface Props {
  x: number;
  y: number;
  anchor: "start" | "middle" | "end";
  text: string;
  large?: boolean;
}

/** A figure on a drawing, its fraction raised and lowered as a tape has it. */
export function Fractions({ x, y, anchor, text, large = false }: Props) {
  const { whole, over, under } = splitFigure(text);
  return (
    <text x={x} y={y} textAnchor={anchor} className={large ? "chalk-size" : "chalk-figure"}>
      {whole}
      {over && (
        <>
          <tspan className="chalk-small" dy="-0.35em">
            {over}
          </tspan>
          <tspan dy="0.35em">⁄</tspan>
          <tspan className="chalk-small" dy="0.1em">
            {under}
          </tspan>
        </>
      )}
    </text>
  );
}

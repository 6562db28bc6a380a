import type { Width } from "../../../api/client";

interface Props {
  widths: Width[];
  /** The width the job is laid on, by its name. */
  current: string;
}

const size = { width: 230, height: 96 };
const margin = { left: 26, right: 30, top: 16, bottom: 20 };
const dot = 4;

/** What is bought at each width: the wider the cloth the less of it, and where a step down is worth a wider one. */
export function WidthPlot({ widths, current }: Props) {
  const points = widths.flatMap((width) =>
    width.length === null ? [] : [{ ...width, length: width.length, buy: width.buy ?? "" }],
  );
  if (points.length < 2) {
    return null;
  }

  const sorted = points.toSorted((a, b) => a.width - b.width);
  const [narrowest, widest] = [sorted[0]?.width ?? 0, sorted.at(-1)?.width ?? 1];
  const longest = Math.max(...sorted.map(({ length }) => length));
  const x = (width: number) =>
    margin.left +
    ((width - narrowest) / (widest - narrowest || 1)) * (size.width - margin.left - margin.right);
  const y = (length: number) =>
    size.height - margin.bottom - (length / longest) * (size.height - margin.top - margin.bottom);
  return (
    <svg
      className="width-plot"
      {...size}
      role="img"
      aria-label={`Length to buy by width: ${sorted.map(({ name, buy }) => `${name} ${buy}`).join(", ")}`}
    >
      <line
        className="axis"
        x1={margin.left - 10}
        x2={size.width}
        y1={size.height - margin.bottom}
        y2={size.height - margin.bottom}
      />
      <polyline points={sorted.map(({ width, length }) => `${x(width)},${y(length)}`).join(" ")} />
      {sorted.map(({ name, width, length, buy }, i) => {
        const isCrowded = i > 0 && x(width) - x(sorted[i - 1]?.width ?? 0) < 34;
        return (
          <g key={name} className={name === current ? "current" : undefined}>
            <circle cx={x(width)} cy={y(length)} r={dot}>
              <title>
                {name}: {buy}
              </title>
            </circle>
            {!isCrowded && (
              <>
                <text x={x(width)} y={y(length) - 7}>
                  {buy}
                </text>
                <text x={x(width)} y={size.height - 6}>
                  {name}
                </text>
              </>
            )}
          </g>
        );
      })}
    </svg>
  );
}

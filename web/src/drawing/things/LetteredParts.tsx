import type { Unit } from "../../api/client";
import type { Cover } from "../../model/cover/cover";
import { partsOf } from "../../model/cover/parts";
import { partsNet, sideOf, sizesOf } from "../../model/cover/partsNet";
import { useFoldUp } from "../../queries/figures/useFoldUp";

interface Props {
  cover: Cover;
  unit: Unit;
  size: { width: number; height: number };
}

/** Half a letter's height, and as wide as one of a name is, in pixels. */
const letter = { down: 5, wide: 6.4 };

/** The parts of a cover laid open, each with the number of its row: for paper, where the rows have room to write. */
export function LetteredParts({ cover, unit, size }: Props) {
  const parts = partsOf(cover);
  const { data } = useFoldUp(cover, unit);
  const net = partsNet(parts, sizesOf(parts, data?.measures ?? {}));
  const scale = Math.min(
    (size.width - 4) / Math.max(net.width, 1),
    (size.height - 4) / Math.max(net.height, 1),
  );
  const [left, top] = [(size.width - net.width * scale) / 2, (size.height - net.height * scale) / 2];
  return (
    <svg className="lettered-parts" {...size} viewBox={`0 0 ${size.width} ${size.height}`} aria-hidden="true">
      {net.parts.map((placed) => {
        const part = parts[placed.at];
        const [x, y] = [left + placed.left * scale, top + placed.top * scale];
        const [wide, high] = [placed.width * scale, placed.height * scale];
        const name = part?.name ?? "";
        return (
          <g key={`${placed.at}.${placed.isTwin}`}>
            <rect x={x} y={y} width={wide} height={high} />
            {part?.tucks.map((edge) => {
              const side = sideOf(edge, placed);
              const [x1, x2] =
                side === "left" ? [x, x] : side === "right" ? [x + wide, x + wide] : [x, x + wide];
              const [y1, y2] =
                side === "top" ? [y, y] : side === "bottom" ? [y + high, y + high] : [y, y + high];
              return <line key={edge} className="tucked" x1={x1} x2={x2} y1={y1} y2={y2} />;
            })}
            <text className="number" x={x + wide / 2} y={y + high / 2 + letter.down}>
              {placed.at + 1}
            </text>
            {name.length * letter.wide < wide && high > 44 && (
              <text x={x + wide / 2} y={y + high / 2 + 20}>
                {name.toLowerCase()}
              </text>
            )}
          </g>
        );
      })}
    </svg>
  );
}

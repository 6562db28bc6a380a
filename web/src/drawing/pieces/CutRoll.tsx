import type { ClothCutting, WorkEntry } from "../../api/client";
import type { CutTurn } from "../../model/work/cutting";
import { ofKind } from "../../model/work/work";
import { useSize } from "../useSize";
import "./cut.css";

interface Props {
  cloth: ClothCutting;
  turns: CutTurn[];
  /** What was cut and lies good, also what was only just ticked. */
  cut: WorkEntry[];
  /** The cloth lies wrong side up. */
  wrongSide: boolean;
}

const margin = 6;

/** The cloth so far, its cut end on the left: what is gone, what is to come, and the piece in hand in tape yellow. */
export function CutRoll({ cloth, turns, cut, wrongSide }: Props) {
  const { ref, size } = useSize<HTMLDivElement>({ width: 700, height: 110 });
  const length = Math.max(cloth.length, cloth.available ?? 0, 1);
  const scale = Math.min(
    (size.width - 2 * margin) / length,
    (size.height - 2 * margin) / Math.max(cloth.usableWidth, 1),
  );
  const at = (x: number, y: number) =>
    `${margin + y * scale},${margin + (wrongSide ? cloth.usableWidth - x : x) * scale}`;
  const shape = (outline: number[][], x = 0, y = 0) =>
    outline.map(([px = 0, py = 0]) => at(px + x, py + y)).join(" ");
  const [now] = turns;
  const onRoll = turns.filter(({ card }) => card.remnant === null);
  return (
    <div className="cut-roll" ref={ref}>
      <svg
        {...size}
        viewBox={`0 0 ${size.width} ${size.height}`}
        role="img"
        aria-label={`${turns.length} pieces still to cut`}
      >
        <rect
          className="cut-cloth"
          x={margin}
          y={margin}
          width={length * scale}
          height={cloth.usableWidth * scale}
        />
        {cloth.flaws.map(([left = 0, right = 0, from = 0, to = 0], i) => (
          <polygon
            key={i}
            className="cut-flaw"
            points={[at(left, from), at(right, from), at(right, to), at(left, to)].join(" ")}
          />
        ))}
        {cloth.cut
          .filter(({ remnant, spoiled }) => spoiled && remnant === null)
          .map(({ outline }, i) => (
            <polygon key={i} className="cut-spoiled" points={shape(outline)} />
          ))}
        {ofKind(cut, "cut").map((entry) =>
          !entry.cut.remnant ? (
            <polygon key={entry.id} className="cut-gone" points={shape(entry.cut.outline)} />
          ) : null,
        )}
        {onRoll.map(({ card, copy }) => (
          <polygon
            key={`${card.code} ${copy.copy}`}
            className={card === now?.card && copy === now.copy ? "cut-now" : "cut-to-come"}
            points={shape(card.outline, copy.x, copy.y)}
          />
        ))}
        {onRoll.map(({ card, copy }) => {
          const [wide, high] = [card.along * scale, card.across * scale];
          const x = wrongSide ? cloth.usableWidth - copy.x - card.across : copy.x;
          return wide > 26 && high > 16 && !card.block ? (
            <text
              key={`${card.code} ${copy.copy}`}
              className="cut-code"
              x={margin + copy.y * scale + wide / 2}
              y={margin + x * scale + high / 2 + 5}
            >
              {card.code}
            </text>
          ) : null;
        })}
      </svg>
    </div>
  );
}

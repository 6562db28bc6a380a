import type { Cover } from "../../model/cover/cover";
import type { Unit } from "../../api/client";
import { useSize } from "../useSize";
import { fitting, type Flat, type Space } from "../../model/space/projection";
import { FoldedPicture } from "../folded/FoldedPicture";
import { boundsOf } from "../../model/space/thingDimensions";
import { useFoldUp } from "../../queries/figures/useFoldUp";
import type { Correction } from "../../model/job/corrections";

const sides = ["back", "left", "top", "right", "front", "bottom", "all"] as const;
const names: Record<string, string> = { all: "all round" };

interface Props {
  cover: Cover;
  unit: Unit;
  houseRules: Record<string, string>;
  side: string;
  standing: Correction[];
  onTouch: (side: string) => void;
}

/** The thing as it is drawn, with a place to touch on every side of it; what was corrected there stands on it. */
export function FittingPicture({ cover, unit, houseRules, side, standing, onTouch }: Props) {
  const { ref, size } = useSize<HTMLDivElement>({ width: 380, height: 190 });
  const facets = useFoldUp(cover, unit, houseRules).data?.facets ?? [];
  const points = facets.flatMap((facet) => facet.space.map(([x = 0, y = 0, z = 0]): Space => [x, y, z]));
  const drawn: Space[] =
    points.length > 0
      ? points
      : [
          [0, 0, 0],
          [1, 1, 0.3],
        ];
  const { place } = fitting(drawn, size.width, size.height, { x: 84, y: 38 });
  const { least, most } = boundsOf(drawn);
  const middle = (axis: 0 | 1 | 2) => (least[axis] + most[axis]) / 2;
  const spots: Record<string, Space> = {
    left: [least[0], middle(1), middle(2)],
    right: [most[0], middle(1), middle(2)],
    front: [middle(0), least[1], middle(2)],
    back: [middle(0), most[1], middle(2)],
    top: [middle(0), middle(1), most[2]],
  };
  return (
    <div className="fitting-picture thing-picture" ref={ref} role="radiogroup" aria-label="Where">
      {points.length > 0 && <FoldedPicture facets={facets} place={place} size={size} />}
      {sides.map((known) => {
        const [x, y] = labelAt(known, spots[known] && place(spots[known]), size);
        const correction = standing.find((one) => one.side === known);
        return (
          <button
            key={known}
            type="button"
            role="radio"
            aria-checked={side === known}
            style={{ left: clamp(x, 40, size.width - 40), top: clamp(y, 22, size.height - 22) }}
            onClick={() => onTouch(known)}
          >
            {names[known] ?? known}
            {correction && (
              <strong>
                {correction.by.startsWith("-") ? `in ${correction.by.slice(1)}` : `out ${correction.by}`}
              </strong>
            )}
          </button>
        );
      })}
    </div>
  );
}

/** How far a label is pushed off its side, so that the thing stays in sight. */
const off: Record<string, Flat> = {
  left: [-44, -4],
  right: [44, 6],
  front: [-30, 28],
  back: [30, -26],
  top: [0, 0],
};

/** Where a side's label lies; what has no side of its own stands beside the thing. */
function labelAt(side: string, spot: Flat | undefined, size: { width: number; height: number }): Flat {
  const [dx, dy] = off[side] ?? [0, 0];
  return spot ? [spot[0] + dx, spot[1] + dy] : [size.width - 48, side === "all" ? 22 : size.height - 22];
}

function clamp(value: number, least: number, most: number): number {
  return Math.max(least, Math.min(most, value));
}

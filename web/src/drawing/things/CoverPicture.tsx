import type { Unit } from "../../api/client";
import type { Cover } from "../../model/cover/cover";
import { fitting, type Space } from "../../model/space/projection";
import { useFoldUp } from "../../queries/figures/useFoldUp";
import { BlocksPicture } from "./BlocksPicture";
import { FoldedPicture } from "../folded/FoldedPicture";

interface Props {
  cover: Cover;
  unit: Unit;
  houseRules?: Record<string, string>;
  size: { width: number; height: number };
  pale?: boolean;
  /** Left free on every side, in pixels. */
  margin?: number;
}

/** A finished cover in true proportion, folded up from its pieces; one that is pinned from blocks shows the blocks. */
export function CoverPicture({ cover, unit, houseRules, size, pale = false, margin = 8 }: Props) {
  const { data } = useFoldUp(cover, unit, houseRules);
  const facets = data?.facets ?? [];
  const points = facets.flatMap((facet) => facet.space.map(([x = 0, y = 0, z = 0]): Space => [x, y, z]));
  return (
    <span className="thing-picture">
      {data && points.length === 0 && <BlocksPicture cover={cover} unit={unit} size={size} />}
      {points.length > 0 && (
        <FoldedPicture
          facets={facets}
          size={size}
          pale={pale}
          place={fitting(points, size.width, size.height, { x: margin, y: margin }).place}
        />
      )}
    </span>
  );
}

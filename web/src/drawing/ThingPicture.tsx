import type { Catalogue, Unit } from "../api/client";
import { shapeOf, withExamples } from "../model/shape";
import { fitting, type Space } from "../model/projection";
import { FoldedPicture } from "./ThingDrawing";
import { useFoldUp } from "../queries/useFoldUp";
import { BlocksPicture } from "./BlocksPicture";
import { newThing } from "../model/takeThing";

const size = { width: 150, height: 90 };

interface Props {
  catalogue: Catalogue;
  form: string;
  shape: string;
  unit: Unit;
}

/** A thing in true proportion, from the core's own fold-up of its example measures; one that is pinned from blocks shows the blocks. */
export function ThingPicture({ catalogue, form, shape, unit }: Props) {
  const bare = newThing(catalogue, form, shape);
  const known = shapeOf(catalogue, bare);
  const cover = known ? withExamples(known, bare, unit) : bare;
  const { data } = useFoldUp(cover, unit);
  const facets = data?.facets ?? [];
  const points = facets.flatMap((facet) => facet.space.map(([x = 0, y = 0, z = 0]): Space => [x, y, z]));
  if (data && points.length === 0) {
    return (
      <span className="thing-picture">
        <BlocksPicture cover={cover} unit={unit} size={size} />
      </span>
    );
  }

  return (
    <span className="thing-picture">
      {points.length > 0 && (
        <FoldedPicture
          facets={facets}
          size={size}
          place={fitting(points, size.width, size.height, { x: 8, y: 8 }).place}
        />
      )}
    </span>
  );
}

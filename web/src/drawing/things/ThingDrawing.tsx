import type { Cover } from "../../model/cover/cover";
import type { Shape, Unit } from "../../api/client";
import { BlocksPicture } from "./BlocksPicture";
import { useSize } from "../useSize";
import { DimensionLines } from "./DimensionLines";
import { FoldedPicture } from "../folded/FoldedPicture";
import { onePly, placeOf } from "./thingPlace";
import { type Facet } from "../../model/space/facet";
import type { Flat, Space } from "../../model/space/projection";
import { exampleSize } from "../../model/cover/shape";
import { boundsOf, thingDimensions, type Bounds } from "../../model/space/thingDimensions";
import type { Reading } from "../../model/cover/readings";
import { useFoldUp } from "../../queries/figures/useFoldUp";
import { useLastGood } from "../../queries/figures/useLastGood";

interface Props {
  cover: Cover;
  shape: Shape;
  unit: Unit;
  houseRules: Record<string, string>;
  readings: Record<string, Reading>;
  lit: string | null;
  onAsk: (measure: string) => void;
}

/** The thing drawn from the core's own fold-up of its pieces, with a line for each measure; a line is touched to edit it. */
export function ThingDrawing({ cover, shape, unit, houseRules, readings, lit, onAsk }: Props) {
  const { ref, size } = useSize<HTMLDivElement>({ width: 460, height: 280 });
  const { data: folded } = useFoldUp(onePly(cover), unit, houseRules);
  // While a wrong entry is typed there is no answer: what was drawn stays.
  const data = useLastGood(`${cover.form}.${cover.shape}`, folded ?? null);
  const facets: Facet[] = data?.facets ?? [];
  const points = facets.flatMap((facet) => facet.space.map(([x = 0, y = 0, z = 0]): Space => [x, y, z]));
  if (points.length === 0) {
    return (
      <div className="cushion-drawing thing-picture" ref={ref}>
        {data && <BlocksPicture cover={cover} unit={unit} size={size} />}
      </div>
    );
  }

  const sizes = Object.fromEntries(
    shape.measures.flatMap((measure): [string, number][] => {
      const reading = readings[measure.name];
      // What cannot be read keeps its line, so that it is seen which measure is wrong.
      const length = reading?.wrong ? exampleSize(measure, unit) : reading?.millimetres;
      return length ? [[measure.name, length]] : [];
    }),
  );
  const dimensions = thingDimensions(shape.measures, boundsOf(points), sizes);
  const place = placeOf(points, dimensions, size);
  const example = Object.values(readings).some((reading) => !reading.taken && !reading.wrong);
  return (
    <div className="cushion-drawing" ref={ref}>
      <FoldedPicture
        facets={facets}
        place={place}
        size={size}
        pale={example}
        front={shape.stands === "lying" ? frontOf(boundsOf(points), place) : null}
      />
      <DimensionLines
        dimensions={dimensions}
        place={place}
        size={size}
        readings={readings}
        lit={lit}
        onAsk={onAsk}
      />
    </div>
  );
}

const leastForWriting = 26;

/** The middle of the front's left fifth, where there is room to write on it. */
function frontOf({ least, most }: Bounds, place: (point: Space) => Flat): Flat | null {
  const at = (height: number): Flat => place([least[0] + (most[0] - least[0]) / 5, least[1], height]);
  return at(least[2])[1] - at(most[2])[1] > leastForWriting ? at((least[2] + most[2]) / 2) : null;
}

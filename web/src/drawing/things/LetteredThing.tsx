import type { Shape, Unit } from "../../api/client";
import type { Cover } from "../../model/cover/cover";
import { spread } from "../../model/space/labelPlaces";
import type { Flat, Space } from "../../model/space/projection";
import { exampleSize, withExamples } from "../../model/cover/shape";
import { boundsOf, thingDimensions } from "../../model/space/thingDimensions";
import { useFoldUp } from "../../queries/figures/useFoldUp";
import { FoldedPicture } from "../folded/FoldedPicture";
import { linesOf, onePly, placeOf } from "./thingPlace";

interface Props {
  cover: Cover;
  shape: Shape;
  unit: Unit;
  /** The letter of each measure by its name. */
  letters: ReadonlyMap<string, string>;
  size: { width: number; height: number };
}

/** A letter's disc, and the room it takes with a hair around it. */
const disc = { radius: 12, room: 27 };

/** The thing with a line for every measure and a letter on each, for paper: the letters stand in a table with room to write. */
export function LetteredThing({ cover, shape, unit, letters, size }: Props) {
  const asMeasured = useFoldUp(onePly(cover), unit);
  // What cannot be made as it is measured is drawn as it usually is: the letters are what counts.
  const usual = withExamples(shape, { ...cover, measures: {} }, unit);
  const asUsual = useFoldUp(onePly(asMeasured.data === null ? usual : cover), unit);
  const data = asMeasured.data ?? asUsual.data;
  const points = (data?.facets ?? []).flatMap((facet) =>
    facet.space.map(([x = 0, y = 0, z = 0]): Space => [x, y, z]),
  );
  if (!data || points.length === 0) {
    return null;
  }

  const sizes = Object.fromEntries(
    shape.measures.flatMap((measure): [string, number][] => {
      const length = data.measures[measure.name]?.value ?? exampleSize(measure, unit);
      return length ? [[measure.name, length]] : [];
    }),
  );
  const dimensions = thingDimensions(shape.measures, boundsOf(points), sizes).filter(({ measure }) =>
    letters.has(measure),
  );
  const place = placeOf(points, dimensions, size);
  const lines = linesOf(dimensions, place);
  const discs = spread(
    lines.map(({ from, to }): Flat => [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2]),
    size,
    lines.map(() => disc.room),
  );
  return (
    <div className="lettered" style={size}>
      <span className="thing-picture">
        <FoldedPicture facets={data.facets} place={place} size={size} />
      </span>
      <svg {...size} viewBox={`0 0 ${size.width} ${size.height}`} aria-hidden="true">
        {lines.map(({ measure, from, to }, i) => {
          const [x, y] = discs[i] ?? from;
          return (
            <g key={measure} className="letter-line">
              <line x1={from[0]} y1={from[1]} x2={to[0]} y2={to[1]} />
              <circle className="end" cx={from[0]} cy={from[1]} r={3} />
              <circle className="end" cx={to[0]} cy={to[1]} r={3} />
              <circle className="letter" cx={x} cy={y} r={disc.radius} />
              <text x={x} y={y + 5}>
                {letters.get(measure)}
              </text>
            </g>
          );
        })}
      </svg>
    </div>
  );
}

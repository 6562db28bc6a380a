import type { Cover } from "../model/cover";
import type { Shape, Unit } from "../api/client";
import { BlocksPicture } from "./BlocksPicture";
import { useSize } from "./useSize";
import { DimensionLines } from "./DimensionLines";
import { facesInSight } from "../model/folded";
import { type Facet } from "../model/facet";
import { outlineEdges } from "../model/outlineEdges";
import { fitting, type Flat, type Space } from "../model/projection";
import { exampleSize } from "../model/shape";
import { boundsOf, thingDimensions, type Bounds, type Dimension } from "../model/thingDimensions";
import type { Reading } from "../model/readings";
import { useFoldUp } from "../queries/useFoldUp";
import { useLastGood } from "../queries/useLastGood";

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

const margins = { x: 52, y: 36 };
const mostPasses = 5;

/** Half the width of the tape, whichever way it lies, and a hair. */
const besideLine = 11;

/** As large as the drawing holds the thing with every dimension line that stands off it. */
function placeOf(points: Space[], dimensions: Dimension[], size: { width: number; height: number }) {
  let margin = margins;
  for (let pass = 1; ; pass++) {
    const { place } = fitting(points, size.width, size.height, margin);
    const ends = dimensions.flatMap(({ from, to, off }) =>
      [from, to].map((end): Flat => [place(end)[0] + off[0], place(end)[1] + off[1]]),
    );
    const over = (axis: 0 | 1, extent: number) =>
      Math.max(0, ...ends.map((end) => Math.max(besideLine - end[axis], end[axis] - (extent - besideLine))));
    const [x, y] = [over(0, size.width), over(1, size.height)];
    if ((x === 0 && y === 0) || pass === mostPasses) {
      return place;
    }

    margin = { x: margin.x + x, y: margin.y + y };
  }
}

/** A cover of two layers lies doubled on its thing: one of them is drawn. */
function onePly(cover: Cover): Cover {
  return cover.options.layers === "reversible"
    ? { ...cover, options: { ...cover.options, layers: "single" } }
    : cover;
}

interface PictureProps {
  facets: Facet[];
  place: (point: Space) => Flat;
  size: { width: number; height: number };
  pale?: boolean;
  /** Where “front” is written; nowhere on what stands or is too thin. */
  front?: Flat | null;
}

const eye: Space = [0.42, -0.66, 0.62];

/** Faces and lines of a folded cover as they are seen from in front, above and a little from the right. */
export function FoldedPicture({ facets, place, size, pale = false, front = null }: PictureProps) {
  const line = ([x, y]: Flat) => `${x.toFixed(1)},${y.toFixed(1)}`;
  const faces = facesInSight(facets);
  const edges = outlineEdges(facets).filter(({ normals }) =>
    normals.some((normal) => normal[0] * eye[0] + normal[1] * eye[1] + normal[2] * eye[2] > 0.02),
  );
  return (
    <svg
      width={size.width}
      height={size.height}
      viewBox={`0 0 ${size.width} ${size.height}`}
      className={pale ? "pale" : undefined}
      aria-hidden="true"
    >
      {faces.map((face, i) => (
        <polygon
          key={i}
          className={face.facing}
          points={face.corners.map((corner) => line(place(corner))).join(" ")}
        />
      ))}
      {edges.map((edge, i) => (
        <polyline
          key={i}
          className={edge.kind === "seam" ? "sewn" : "edge"}
          points={`${line(place(edge.from))} ${line(place(edge.to))}`}
        />
      ))}
      {front && (
        <text className="front-mark" x={front[0]} y={front[1] + 4}>
          front
        </text>
      )}
    </svg>
  );
}

const leastForWriting = 26;

/** The middle of the front's left fifth, where there is room to write on it. */
function frontOf({ least, most }: Bounds, place: (point: Space) => Flat): Flat | null {
  const at = (height: number): Flat => place([least[0] + (most[0] - least[0]) / 5, least[1], height]);
  return at(least[2])[1] - at(most[2])[1] > leastForWriting ? at((least[2] + most[2]) / 2) : null;
}

import type { Cover } from "../../model/cover/cover";
import { fitting, type Flat, type Space } from "../../model/space/projection";
import type { Dimension } from "../../model/space/thingDimensions";

const margins = { x: 52, y: 36 };
const mostPasses = 5;

/** Half the width of the tape, whichever way it lies, and a hair. */
const besideLine = 11;

/** As large as the drawing holds the thing with every dimension line that stands off it. */
export function placeOf(points: Space[], dimensions: Dimension[], size: { width: number; height: number }) {
  let margin = margins;
  for (let pass = 1; ; pass++) {
    const { place } = fitting(points, size.width, size.height, margin);
    const ends = linesOf(dimensions, place).flatMap(({ from, to }) => [from, to]);
    const over = (axis: 0 | 1, extent: number) =>
      Math.max(0, ...ends.map((end) => Math.max(besideLine - end[axis], end[axis] - (extent - besideLine))));
    const [x, y] = [over(0, size.width), over(1, size.height)];
    if ((x === 0 && y === 0) || pass === mostPasses) {
      return place;
    }

    margin = { x: margin.x + x, y: margin.y + y };
  }
}

/** Where dimension lines lie on the drawing, pushed off the thing. */
export function linesOf(dimensions: Dimension[], place: (point: Space) => Flat) {
  return dimensions.map(({ measure, from, to, off }) => {
    const shifted = (point: Space): Flat => {
      const [x, y] = place(point);
      return [x + off[0], y + off[1]];
    };
    return { measure, from: shifted(from), to: shifted(to) };
  });
}

/** A cover of two layers lies doubled on its thing: one of them is drawn. */
export function onePly(cover: Cover): Cover {
  return cover.options.layers === "reversible"
    ? { ...cover, options: { ...cover.options, layers: "single" } }
    : cover;
}

import type { Cover } from "../model/cover";
import { fitting, type Flat, type Space } from "../model/projection";
import type { Dimension } from "../model/thingDimensions";

const margins = { x: 52, y: 36 };
const mostPasses = 5;

/** Half the width of the tape, whichever way it lies, and a hair. */
const besideLine = 11;

/** As large as the drawing holds the thing with every dimension line that stands off it. */
export function placeOf(points: Space[], dimensions: Dimension[], size: { width: number; height: number }) {
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
export function onePly(cover: Cover): Cover {
  return cover.options.layers === "reversible"
    ? { ...cover, options: { ...cover.options, layers: "single" } }
    : cover;
}

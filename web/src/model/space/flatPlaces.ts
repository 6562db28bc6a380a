import type { Plate } from "./hinges";
import type { Net } from "./net";
import type { Space } from "./projection";
import { add, put, type Pose } from "./rigid";

const gap = 60;

/** Where the net comes to lie on the ground under the cover, and where each piece lies in the end: beside the others, in rows. */
export function flatPlaces(plates: Plate[], net: Net): { ground: Pose; flat: Pose[] } {
  const points = plates.flatMap(({ space }) => space);
  const least = (axis: 0 | 1 | 2) => Math.min(...points.map((point) => point[axis]));
  const most = (axis: 0 | 1 | 2) => Math.max(...points.map((point) => point[axis]));
  const under: Space = [(least(0) + most(0)) / 2, (least(1) + most(1)) / 2, least(2)];
  const inNet = net.parts.flatMap(({ facets, inNet: pose }) =>
    facets.flatMap((facet) => (plates[facet]?.flat ?? []).map((corner) => put(pose, corner))),
  );
  const whole = boxOf(inNet);
  const ground: Pose = {
    turn: [1, 0, 0, 0],
    move: [under[0] - (whole.left + whole.width / 2), under[1] - (whole.bottom + whole.height / 2), under[2]],
  };
  return { ground, flat: inRows(plates, net, under) };
}

function inRows(plates: Plate[], net: Net, under: Space): Pose[] {
  const boxes = net.parts.map(({ facets }, part) => ({
    part,
    ...boxOf(facets.flatMap((facet) => plates[facet]?.flat ?? [])),
  }));
  const row = Math.max(
    ...boxes.map((box) => box.width),
    Math.sqrt(boxes.reduce((sum, box) => sum + (box.width + gap) * (box.height + gap), 0)) * 1.5,
  );
  let [x, y, tallest] = [0, 0, 0];
  const moves: Space[] = [];
  for (const box of boxes.toSorted((a, b) => b.height - a.height)) {
    if (x > 0 && x + box.width > row) {
      [x, y, tallest] = [0, y + tallest + gap, 0];
    }

    moves[box.part] = [x - box.left, y - box.bottom, 0];
    x += box.width + gap;
    tallest = Math.max(tallest, box.height);
  }

  const middle: Space = [under[0] - row / 2, under[1] - (y + tallest) / 2, under[2]];
  return moves.map((move) => ({ turn: [1, 0, 0, 0], move: add(move, middle) }));
}

function boxOf(corners: Space[]) {
  const [xs, ys] = [corners.map(([x]) => x), corners.map(([, y]) => y)];
  const [left, bottom] = [Math.min(...xs), Math.min(...ys)];
  return { left, bottom, width: Math.max(...xs) - left, height: Math.max(...ys) - bottom };
}

/** A point turned counter-clockwise about the origin by quarter turns. */
function spun([x = 0, y = 0]: number[], turn: number): [number, number] {
  return turn === 90 ? [-y, x] : turn === 180 ? [-x, -y] : turn === 270 ? [y, -x] : [x, y];
}

/** How points are turned with an outline and moved with it, so that the least corner of its box is the origin. */
export function toOrigin(outline: number[][], turn: number): (point: number[]) => [number, number] {
  const corners = outline.map((corner) => spun(corner, turn));
  const left = Math.min(...corners.map(([x]) => x));
  const bottom = Math.min(...corners.map(([, y]) => y));
  return (point) => {
    const [x, y] = spun(point, turn);
    return [x - left, y - bottom];
  };
}

/** Corners turned counter-clockwise by quarter turns and moved so that the least corner of their box is the origin. */
export function turned(outline: number[][], turn: number): [number, number][] {
  return outline.map(toOrigin(outline, turn));
}

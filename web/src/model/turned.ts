/** Corners turned counter-clockwise by quarter turns and moved so that the least corner of their box is the origin. */
export function turned(outline: number[][], turn: number): [number, number][] {
  const corners = outline.map((corner): [number, number] => {
    const [x, y] = [corner[0] ?? 0, corner[1] ?? 0];
    return turn === 90 ? [-y, x] : turn === 180 ? [-x, -y] : turn === 270 ? [y, -x] : [x, y];
  });
  const left = Math.min(...corners.map(([x]) => x));
  const bottom = Math.min(...corners.map(([, y]) => y));
  return corners.map(([x, y]) => [x - left, y - bottom]);
}

import type { Unit } from "../../api/client";

/** A corner of an outline in millimetres: across, from front to back, and how far the edge after it bulges outwards. */
export interface PlanCorner {
  x: number;
  y: number;
  rise: number;
}

type Point = [x: number, y: number];

const inch = 25.4;

/** What a hand can place a corner to: an eighth of an inch, a millimetre. */
const step: Record<Unit, number> = { in: inch / 8, cm: 1, mm: 1 };

/** The corners of which both lengths can be read; null while one cannot. */
export function cornersFrom(count: number, read: (name: string) => number | undefined): PlanCorner[] | null {
  const corners = Array.from({ length: count }, (_, i) => ({
    x: read(`points.${i}.x`),
    y: read(`points.${i}.y`),
    rise: read(`points.${i}.rise`) ?? 0,
  }));
  return corners.every((corner): corner is PlanCorner => corner.x !== undefined && corner.y !== undefined)
    ? corners
    : null;
}

/** The middle of the edge after a corner, where it bulges most. */
export function middleOf(corners: PlanCorner[], at: number): Point {
  const [from, to] = [corners[at], corners[(at + 1) % corners.length]];
  if (!from || !to) {
    return [0, 0];
  }

  const [x, y] = outwards(from, to);
  return [(from.x + to.x) / 2 + x * from.rise, (from.y + to.y) / 2 + y * from.rise];
}

/** How far an edge has to bulge for its middle to come nearest to a point. */
export function riseTo(corners: PlanCorner[], at: number, [x, y]: Point): number {
  const [from, to] = [corners[at], corners[(at + 1) % corners.length]];
  if (!from || !to) {
    return 0;
  }

  const [outX, outY] = outwards(from, to);
  return (x - (from.x + to.x) / 2) * outX + (y - (from.y + to.y) / 2) * outY;
}

/** Corners run counter-clockwise seen from above: outwards is to the right of the way along the edge. */
function outwards(from: PlanCorner, to: PlanCorner): Point {
  const length = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  return [(to.y - from.y) / length, -(to.x - from.x) / length];
}

/** The outline as an SVG path, each bulged edge an arc, through what turns millimetres to the page's pixels. */
export function pathOf(corners: PlanCorner[], place: (point: Point) => Point, scale: number): string {
  const said = ([x, y]: Point) => `${x.toFixed(1)} ${y.toFixed(1)}`;
  const edges = corners.map((corner, i) => {
    const to = corners[(i + 1) % corners.length] ?? corner;
    const end = said(place([to.x, to.y]));
    const half = Math.hypot(to.x - corner.x, to.y - corner.y) / 2;
    const rise = Math.abs(corner.rise);
    if (rise < 0.01 || half === 0) {
      return `L${end}`;
    }

    const radius = ((half * half + rise * rise) / (2 * rise)) * scale;
    // On the page the back is up, so an outline that runs counter-clockwise does there too.
    return `A${radius.toFixed(1)} ${radius.toFixed(1)} 0 ${rise > half ? 1 : 0} ${corner.rise > 0 ? 0 : 1} ${end}`;
  });
  const [first] = corners;
  return first ? `M${said(place([first.x, first.y]))}${edges.join("")}Z` : "";
}

/** A length as a hand would say it in this unit, to what a corner can be placed to. */
export function lengthText(millimetres: number, unit: Unit): string {
  const steps = Math.round(millimetres / step[unit]);
  if (unit !== "in") {
    return String(unit === "cm" ? steps / 10 : steps);
  }

  const [whole, eighths] = [Math.floor(Math.abs(steps) / 8), Math.abs(steps) % 8];
  const divisor = eighths % 4 === 0 ? 4 : eighths % 2 === 0 ? 2 : 1;
  const fraction = eighths === 0 ? "" : `${eighths / divisor}/${8 / divisor}`;
  const size = [whole > 0 || !fraction ? String(whole) : "", fraction].filter(Boolean).join(" ");
  return steps < 0 ? `-${size}` : size;
}

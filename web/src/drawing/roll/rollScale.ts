import type { PointerEvent } from "react";

/** Left of the cloth in a row, in pixels. */
export const rowMargin = 4;
export const rulerHeight = 20;

/** Where a pointer is on the cloth, in millimetres, whichever row of the roll it is over; null off the roll. */
export function pointOnRoll(event: PointerEvent): { x: number; y: number; perPixel: number } | null {
  const over = document
    .elementsFromPoint(event.clientX, event.clientY)
    .map((element) => element.closest<SVGSVGElement>("svg[data-from]"))
    .find(Boolean);
  const row = over ?? (event.currentTarget as Element).closest<SVGSVGElement>("svg[data-from]");
  if (!row) {
    return null;
  }

  const box = row.getBoundingClientRect();
  const [from, scale] = [Number(row.dataset["from"]), Number(row.dataset["scale"])];
  return {
    x: (event.clientY - box.top - rulerHeight) / scale,
    y: (event.clientX - box.left - rowMargin) / scale + from,
    perPixel: 1 / scale,
  };
}

/** In how many rows the roll is drawn largest, and how many pixels a millimetre then has. */
export function rowsFor(length: number, usable: number, size: { width: number; height: number }) {
  const [gap, mostRows] = [6, 3];
  let best = { rows: 1, scale: 0 };
  for (let rows = 1; rows <= mostRows; rows++) {
    const scale = Math.min(
      (size.width - 12) / ((length / rows) * 1.03),
      (size.height - rows * (rulerHeight + gap)) / (rows * usable),
    );
    if (scale > best.scale * 1.1) {
      best = { rows, scale };
    }
  }

  return best;
}

import type { PointerEvent } from "react";
import type { Unit, Yardage } from "../../api/client";
import { extentOf } from "../../model/pieces/pieceSize";

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

/** A stretch of the roll that is drawn in one row, in millimetres from the cut end. */
export interface Stretch {
  from: number;
  to: number;
}

/** How a roll is drawn: its rows, and how many pixels a millimetre has. */
export interface RollLayout {
  rows: Stretch[];
  scale: number;
  /** What its edge is ruled in: a yard or a metre. */
  step: number;
}

interface Box {
  width: number;
  height: number;
}

/** Beside the cloth in a row, and between rows. */
const besides = 12;
const gap = 6;

/** A little of the roll is seen beyond what is bought. */
const beyond = 1.03;

/** Nothing is drawn on less, which a page still being laid out may give. */
const narrowest = 40;

const [yard, metre] = [914.4, 1000];

const stepOf = (unit: Unit) => (unit === "in" ? yard : metre);

/** What the edge of a roll counts. */
export const ruledIn = ({ step }: RollLayout) => (step === yard ? "yd" : "m");

/** What of the roll is drawn; null where there is nothing to draw. A lay wholly on remnants leaves the roll as it is. */
function drawnOf({ lay, buy, usableWidth }: Yardage): { length: number; usable: number } | null {
  return lay && buy && usableWidth
    ? { length: Math.max(buy.buy, usableWidth / 2), usable: usableWidth }
    : null;
}

/** The whole roll as large as this box holds it, in up to three rows. */
export function layoutIn(yardage: Yardage, unit: Unit, size: Box): RollLayout | null {
  const drawn = drawnOf(yardage);
  if (!drawn || size.width < narrowest || size.height < narrowest) {
    return null;
  }

  const step = stepOf(unit);
  const { rows, scale } = rowsFor(drawn.length, drawn.usable, size);
  const perRow =
    rows === 1
      ? Math.max(drawn.length * beyond, (size.width - besides) / scale)
      : Math.ceil(drawn.length / rows / step) * step;
  return {
    rows: stretches(rows === 1 ? perRow : drawn.length * beyond, perRow),
    scale: Math.min(scale, (size.width - besides) / perRow),
    step,
  };
}

/** On paper the smallest piece shows its code; three rows go on a sheet, and one alone is no higher than half of it. */
const onPaper = { readable: 17, highest: 300, highestAlone: 460 };

/** The roll on sheets of this width, so large that its smallest piece can be told from the others; as many rows as that takes. */
export function layoutOnPaper(yardage: Yardage, unit: Unit, width: number): RollLayout | null {
  const drawn = drawnOf(yardage);
  if (!drawn) {
    return null;
  }

  const step = stepOf(unit);
  const length = drawn.length * beyond;
  const smallest = Math.min(
    ...yardage.pieces.map(({ outline }) => Math.min(extentOf({ outline }, 0), extentOf({ outline }, 1))),
  );
  const wanted = Math.min(onPaper.highest / drawn.usable, onPaper.readable / smallest);
  const perRow = Math.min(length, Math.max(step, (width - besides) / wanted));
  const highest = perRow < length ? onPaper.highest : onPaper.highestAlone;
  return {
    rows: stretches(length, perRow),
    scale: Math.min((width - besides) / perRow, highest / drawn.usable),
    step,
  };
}

function stretches(length: number, perRow: number): Stretch[] {
  return Array.from({ length: Math.max(1, Math.ceil(length / perRow - 0.02)) }, (_, row) => ({
    from: row * perRow,
    to: Math.min((row + 1) * perRow, length),
  }));
}

/** In how many rows the roll is drawn largest, and how many pixels a millimetre then has. */
function rowsFor(length: number, usable: number, size: { width: number; height: number }) {
  const mostRows = 3;
  let best = { rows: 1, scale: 0 };
  for (let rows = 1; rows <= mostRows; rows++) {
    const scale = Math.min(
      (size.width - besides) / ((length / rows) * beyond),
      (size.height - rows * (rulerHeight + gap)) / (rows * usable),
    );
    if (scale > best.scale * 1.1) {
      best = { rows, scale };
    }
  }

  return best;
}

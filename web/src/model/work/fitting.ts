import type { Unit } from "../../api/client";

/** How far each side is moved at a try-on, in sixteenths of an inch or in millimetres; above 0 taken in. */
export type Moves = Record<string, number>;

/** What one touch of plus or minus is worth: an eighth of an inch, two millimetres. */
export const oneTouch = 2;

/** A move as it is typed in the job’s unit: to take in is below nothing. */
export function typedMove(move: number, unit: Unit): string {
  const sign = move > 0 ? "-" : "";
  const size = Math.abs(move);
  if (unit !== "in") {
    return `${sign}${unit === "cm" ? size / 10 : size}`;
  }

  const [whole, over, under] = inches(size);
  return `${sign}${[whole || "", over ? `${over}/${under}` : ""].filter(Boolean).join(" ") || "0"}`;
}

/** How far, as it is read at arm’s length, without a direction. */
export function shownMove(move: number, unit: Unit): string {
  const size = Math.abs(move);
  if (unit !== "in") {
    return `${unit === "cm" ? size / 10 : size}`;
  }

  const [whole, over, under] = inches(size);
  return over ? `${whole || ""}${whole ? " " : ""}${over}⁄${under}` : `${whole}`;
}

/** A length as finely as a tape shows it: to a sixteenth of an inch, to a millimetre. */
export const fineLength = (millimetres: number, unit: Unit): string =>
  `${shownMove(Math.round(unit === "in" ? millimetres / 1.5875 : millimetres), unit)} ${unit}`;

/** What was found, as it is sent. */
export function foundOf(moves: Moves, unit: Unit): { side: string; by: string }[] {
  return Object.entries(moves)
    .filter(([, move]) => move !== 0)
    .map(([side, move]) => ({ side, by: typedMove(move, unit) }));
}

/** A seam was touched: its first side that can be corrected, and at the next touch the one after. */
export function sideTouched(sides: string[], known: string[], now: string): string | null {
  const there = sides.filter((side) => known.includes(side));
  return there[(there.indexOf(now) + 1) % Math.max(1, there.length)] ?? null;
}

function inches(sixteenths: number): [number, number, number] {
  let [over, under] = [sixteenths % 16, 16];
  while (over > 0 && over % 2 === 0) {
    [over, under] = [over / 2, under / 2];
  }

  return [Math.floor(sixteenths / 16), over, under];
}

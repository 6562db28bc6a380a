import type { Cloth } from "./cloth";
import type { Yardage } from "../../api/client";
import { turned } from "../pieces/turned";

export type Placement = NonNullable<Yardage["lay"]>["placements"][number];
export type LaidPiece = Yardage["pieces"][number];
export type Pin = Cloth["pinned"][number];

/** Which copy a placement or a pin is of. */
export const keyOf = (place: { piece: string; copy: number }) => `${place.piece}.${place.copy}`;

export const isPinned = (pins: Pin[], place: Placement) =>
  pins.some(
    (pin) =>
      keyOf(pin) === keyOf(place) &&
      pin.turn === place.turn &&
      Math.abs(pin.x - place.x) < 0.01 &&
      Math.abs(pin.y - place.y) < 0.01,
  );

/** The pins with this copy put down here, or with its pin taken out. */
export function withPin(pins: Pin[], key: string, pin: Pin | null): Pin[] {
  const others = pins.filter((other) => keyOf(other) !== key);
  return pin ? [...others, pin] : others;
}

export function pinOf({ piece, copy, turn, x, y }: Placement): Pin {
  return { piece, copy, turn, x, y, remnant: null };
}

/** How wide a piece is across the cloth and along it, in a turn. */
export function sizeOf(piece: LaidPiece, turn: number): { across: number; along: number } {
  const corners = turned(piece.outline, turn);
  return {
    across: Math.max(...corners.map(([x]) => x)),
    along: Math.max(...corners.map(([, y]) => y)),
  };
}

/** The turn after this one, of those the piece may take. */
export function nextTurn(piece: LaidPiece, turn: number): number {
  const turns = piece.turns;
  return turns[(turns.indexOf(turn) + 1) % turns.length] ?? turn;
}

/** Within the selvages and not before the cut end; and level with an edge that is near. */
export function settled(
  place: Placement,
  piece: LaidPiece,
  usable: number,
  others: { x: number; y: number; across: number; along: number }[],
  near: number,
): Placement {
  const { across, along } = sizeOf(piece, place.turn);
  const snap = (at: number, stops: number[]) => {
    const nearest = stops.reduce(
      (best, stop) => (Math.abs(stop - at) < Math.abs(best - at) ? stop : best),
      Infinity,
    );
    return Math.abs(nearest - at) < near ? nearest : at;
  };
  const x = snap(place.x, [
    0,
    usable - across,
    ...others.flatMap((other) => [other.x - across, other.x + other.across]),
  ]);
  const y = snap(place.y, [
    0,
    ...others.flatMap((other) => [other.y - along, other.y, other.y + other.along]),
  ]);
  return { ...place, x: Math.min(Math.max(0, x), Math.max(0, usable - across)), y: Math.max(0, y) };
}

/** The kind of piece a key names: the parts of a joined strip or plate are of one kind. */
export function kindOf(key: string): string {
  return key.replace(/(-part)?-\d+$/, "").replace(/^(plate|block)-.*/, "$1");
}

import type { Print, Yardage } from "../../api/client";
import type { LaidPiece, Placement } from "./pins";
import { toOrigin } from "../pieces/turned";

/** A rectangle, a ring of petals or a picture in one repeat of a print, in millimetres from its corner. */
export type Mark =
  | { kind: "bar"; x: number; y: number; width: number; height: number; opacity: number }
  | { kind: "motif"; x: number; y: number; size: number }
  | { kind: "picture"; x: number; y: number; width: number; height: number };

/** What comes again all over a cloth. */
export interface Tile {
  width: number;
  height: number;
  marks: Mark[];
}

/** A plain cloth is drawn in tiles of any size. */
const plainSize = 100;

/** One repeat of a print; where it drops by half, two of them side by side. */
export function tileOf({ kind, figure, width, length, halfDrop }: Print): Tile {
  const [across, along] = [width || plainSize, length || width || plainSize];
  const upright = (left: number): Mark => ({
    kind: "bar",
    x: left + (across - figure) / 2,
    y: 0,
    width: figure,
    height: along,
    opacity: kind === "check" ? 0.6 : 1,
  });
  switch (kind) {
    case "stripe":
      return { width: across, height: along, marks: [upright(0)] };
    case "check":
      return {
        width: across,
        height: along,
        marks: [
          upright(0),
          { kind: "bar", x: 0, y: (along - figure) / 2, width: across, height: figure, opacity: 0.6 },
        ],
      };
    case "motif": {
      const first: Mark = { kind: "motif", x: across / 2, y: along / 2, size: figure };
      // The second of a half drop stands at the seam of two repeats: it is drawn at both ends.
      const dropped = [0, along].map((y): Mark => ({ kind: "motif", x: across * 1.5, y, size: figure }));
      return halfDrop
        ? { width: 2 * across, height: along, marks: [first, ...dropped] }
        : { width: across, height: along, marks: [first] };
    }
    case "picture": {
      const whole = (x: number, y: number): Mark => ({ kind: "picture", x, y, width: across, height: along });
      return halfDrop
        ? {
            width: 2 * across,
            height: along,
            marks: [whole(0, 0), whole(across, -along / 2), whole(across, along / 2)],
          }
        : { width: across, height: along, marks: [whole(0, 0)] };
    }
    default:
      return { width: across, height: along, marks: [] };
  }
}

/** A rosette of six petals as an outline: points of one petal after another round its middle. */
export function petals({ x, y, size }: { x: number; y: number; size: number }): [number, number][][] {
  return Array.from({ length: 6 }, (_, petal) => {
    const turn = (petal * Math.PI) / 3;
    return Array.from({ length: 13 }, (_point, at): [number, number] => {
      const along = at <= 6 ? at / 6 : (12 - at) / 6;
      const aside = Math.sin(along * Math.PI) * 0.17 * (at <= 6 ? 1 : -1);
      const [u, v] = [along * 0.5, aside];
      return [
        x + size * (u * Math.cos(turn) - v * Math.sin(turn)),
        y + size * (u * Math.sin(turn) + v * Math.cos(turn)),
      ];
    });
  });
}

/** Where a point of a piece comes to lie on the cloth: x across, y along. */
export type OnCloth = (point: number[]) => [number, number];

/** How a copy of a piece lies on its cloth: its drawing's points as places on the cloth. */
export function onCloth(piece: LaidPiece, place: Placement): OnCloth {
  const turn = toOrigin(piece.outline, place.turn);
  return (point) => {
    const [x, y] = turn(point);
    return [x + place.x, y + place.y];
  };
}

/** A print, and where on it the points of a piece lie. */
export interface PrintOn {
  print: Print;
  at: OnCloth;
}

/** The print a copy of a piece shows; null for its plain colour. */
export type PrintOf = (piece: string, copy: number, isOver: boolean) => PrintOn | null;

/** How a copy of a piece shows the print of the cloth it is laid on; null where nothing is said of the print or it is on no roll. */
export function printOn(
  yardages: (Yardage | null)[],
  cover: string,
  key: string,
  copy = 1,
  isOver = false,
): PrintOn | null {
  for (const yardage of yardages) {
    const laid = yardage?.pieces.filter((piece) => piece.cover === cover && piece.key === key) ?? [];
    const over = laid.find((piece) => piece.id.endsWith("/mirrored"));
    const plain = laid.find((piece) => piece !== over);
    const piece = isOver ? (over ?? plain) : (plain ?? over);
    const places =
      yardage?.lay?.placements.filter((place) => place.piece === piece?.id && !place.remnant) ?? [];
    const place = places[(copy - 1) % Math.max(1, places.length)];
    if (yardage?.print && piece && place) {
      // Turned over without being cut so: the drawing is its mirror image, the cloth is not.
      const isFlipped = isOver !== (piece === over);
      const at = onCloth(piece, place);
      return { print: yardage.print, at: isFlipped ? ([x = 0, y = 0]) => at([-x, y]) : at };
    }
  }

  return null;
}

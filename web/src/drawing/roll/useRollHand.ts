import type { Cloth } from "../../model/cloth/cloth";
import { useState, type KeyboardEvent, type PointerEvent } from "react";
import type { Unit, Yardage } from "../../api/client";
import { editCloth } from "../../model/job/benchCloth";
import {
  isPinned,
  keyOf,
  nextTurn,
  pinOf,
  settled,
  sizeOf,
  withPin,
  type Placement,
} from "../../model/cloth/pins";
import { pointOnRoll } from "./rollScale";

interface Held {
  place: Placement;
  /** Where in the piece the hand has it, in millimetres. */
  grip: { x: number; y: number };
  moved: boolean;
}

const farEnough = 3;

/** Picks pieces up off the roll, turns them, and pins them where they are put down. */
export function useRollHand(yardage: Yardage, cloth: Cloth, unit: Unit) {
  const [held, setHeld] = useState<Held | null>(null);
  const [chosen, setChosen] = useState<string | null>(null);
  const placements = yardage.lay?.placements.filter((place) => !place.remnant) ?? [];
  const pieceOf = (place: Placement) => yardage.pieces.find((piece) => piece.id === place.piece);
  const usable = yardage.usableWidth ?? 0;
  const pin = (place: Placement) =>
    editCloth({ pinned: withPin(cloth.pinned, keyOf(place), pinOf(place)) }, `pin.${keyOf(place)}`);
  const unpin = (place: Placement) =>
    editCloth({ pinned: withPin(cloth.pinned, keyOf(place), null) }, `unpin.${keyOf(place)}`);

  /** Put down at a place: inside the cloth, and against what is near. */
  const putDown = (place: Placement, near: number) => {
    const piece = pieceOf(place);
    if (piece) {
      const others = placements
        .filter((other) => keyOf(other) !== keyOf(place))
        .flatMap((other) => {
          const otherPiece = pieceOf(other);
          return otherPiece ? [{ x: other.x, y: other.y, ...sizeOf(otherPiece, other.turn) }] : [];
        });
      pin(settled(place, piece, usable, others, near));
    }
  };
  const turn = (place: Placement) => {
    const piece = pieceOf(place);
    const next = piece && nextTurn(piece, place.turn);
    if (piece && next !== undefined && next !== place.turn) {
      putDown({ ...place, turn: next }, 0);
    }
  };

  const step = unit === "in" ? 6.35 : 5;
  return {
    held: held?.moved ? held.place : null,
    chosen: placements.find((place) => keyOf(place) === chosen) ?? null,
    /** The Tab key comes to one piece of the roll; from it one goes to the others. */
    isTabStop: (place: Placement) => {
      const stop = placements.find((one) => keyOf(one) === chosen) ?? placements[0];
      return stop !== undefined && keyOf(stop) === keyOf(place);
    },
    pieceOf,
    isPinned: (place: Placement) => isPinned(cloth.pinned, place),
    choose: setChosen,
    pin,
    unpin,
    turn,
    onPointerDown: (event: PointerEvent<SVGElement>, place: Placement) => {
      const at = pointOnRoll(event);
      if (event.button === 0 && at) {
        event.currentTarget.setPointerCapture(event.pointerId);
        setChosen(keyOf(place));
        setHeld({ place, grip: { x: at.x - place.x, y: at.y - place.y }, moved: false });
      }
    },
    onPointerMove: (event: PointerEvent<SVGElement>) => {
      const at = held && pointOnRoll(event);
      if (held && at) {
        const place = { ...held.place, x: at.x - held.grip.x, y: at.y - held.grip.y };
        const far = Math.hypot(place.x - held.place.x, place.y - held.place.y) / at.perPixel;
        setHeld({
          ...held,
          place: held.moved || far > farEnough ? place : held.place,
          moved: held.moved || far > farEnough,
        });
      }
    },
    onPointerUp: (event: PointerEvent<SVGElement>) => {
      const at = pointOnRoll(event);
      if (held?.moved) {
        putDown(held.place, (at?.perPixel ?? 0) * 8);
      }

      setHeld(null);
    },
    onPointerCancel: () => setHeld(null),
    onKeyDown: (event: KeyboardEvent, place: Placement) => {
      const far = event.shiftKey ? step * 4 : step;
      const by: Record<string, { x: number; y: number }> = {
        ArrowLeft: { x: 0, y: -far },
        ArrowRight: { x: 0, y: far },
        ArrowUp: { x: -far, y: 0 },
        ArrowDown: { x: far, y: 0 },
      };
      const move = by[event.key];
      if (move) {
        putDown({ ...place, x: place.x + move.x, y: place.y + move.y }, 0);
      } else if (event.key === "t") {
        turn(place);
      } else if (event.key === "p") {
        (cloth.pinned.some((one) => keyOf(one) === keyOf(place)) ? unpin : pin)(place);
      } else if (event.key === "PageDown" || event.key === "PageUp") {
        beside(event.currentTarget, event.key === "PageDown" ? 1 : -1);
      } else if (event.key === "Escape" && held) {
        setHeld(null);
      } else {
        return;
      }

      event.preventDefault();
      event.stopPropagation();
    },
  };
}

/** Goes to the next piece on the roll, or the one before. */
function beside(piece: Element, by: number) {
  const all = [...(piece.closest(".roll-drawing")?.querySelectorAll<SVGGElement>('g[role="button"]') ?? [])];
  all.at((all.indexOf(piece as SVGGElement) + by) % all.length)?.focus();
}

export type RollHand = ReturnType<typeof useRollHand>;

import type { KeyboardEvent } from "react";
import type { CoverScene } from "./scene";

const steps: Record<string, readonly [number, number]> = {
  ArrowLeft: [-0.2, 0],
  ArrowRight: [0.2, 0],
  ArrowUp: [0, -0.15],
  ArrowDown: [0, 0.15],
};

/** An arrow key turns the cover in the hand, and does nothing else then. */
export function turnByKey(event: KeyboardEvent, scene: CoverScene | null) {
  const turn = steps[event.key];
  if (turn) {
    event.preventDefault();
    event.stopPropagation();
    scene?.turn(...turn);
  }
}

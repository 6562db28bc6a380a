import type { Piece } from "../../api/client";
import { widthOfFigure } from "./figures";

/** A distance written beside a piece: where, on which side of it, and in which line of that side. */
export interface ChalkLabel {
  side: "top" | "bottom" | "left" | "right";
  /** Where along that side, in millimetres of the piece. */
  at: number;
  text: string;
  /** 0 next to the piece, 1 beyond that. */
  line: number;
}

type Mark = Piece["marks"][number];

/** Marks a tape finds from one edge; the others are drawn from corner to corner. */
const measured: Record<string, string> = {
  notch: "",
  fold: "fold ",
  "zip-stop": "zip ",
  "gap-end": "gap ",
};

/** What takes this much room along its side, in pixels. */
export const widthOfLabel = (text: string) => widthOfFigure(text, labelSize) + 8;
const labelSize = 13;
const lineHeight = 15;

/**
 * The distances a hand chalks on a piece, each once: those counted from the left stand above it or, where nothing is marked
 * there, below; those counted from the top beside it. None lies on another: what has no room goes one line out.
 */
export function chalkLabels(piece: Piece, scale: number): ChalkLabel[] {
  const xs = piece.outline.map(([x = 0]) => x);
  const ys = piece.outline.map(([, y = 0]) => y);
  const [middleX, middleY] = [mean(xs), mean(ys)];
  const labels: ChalkLabel[] = [];
  for (const mark of [...piece.marks].sort(inOrder)) {
    const word = measured[mark.kind];
    const [x = 0, y = 0] = mark.from;
    if (word === undefined) {
      continue;
    }

    const acrossTop = mark.countedFrom === "left";
    const side = acrossTop
      ? (mark.to[1] ?? y) >= middleY || y >= middleY
        ? "top"
        : "bottom"
      : Math.min(x, mark.to[0] ?? x) <= middleX
        ? "left"
        : "right";
    const at = acrossTop ? x : y;
    const text = `${word}${mark.distance}`;
    const opposite = { top: "bottom", bottom: "top", left: "right", right: "left" }[side];
    if (labels.some((one) => one.text === text && (one.side === side || one.side === opposite))) {
      continue;
    }

    labels.push({ side, at, text, line: lineFor(labels, side, at, text, scale) });
  }

  return labels;
}

const mean = (values: number[]) => (Math.min(...values) + Math.max(...values)) / 2;

/** From the edge they are counted from on, those at the upper and the left side first. */
function inOrder(one: Mark, other: Mark): number {
  const key = (mark: Mark) => (mark.countedFrom === "left" ? (mark.from[0] ?? 0) : -(mark.from[1] ?? 0));
  const far = (mark: Mark) =>
    mark.countedFrom === "left" ? -Math.max(mark.from[1] ?? 0, mark.to[1] ?? 0) : (mark.from[0] ?? 0);
  return key(one) - key(other) || far(one) - far(other);
}

function lineFor(labels: ChalkLabel[], side: string, at: number, text: string, scale: number): number {
  const upright = side === "left" || side === "right";
  for (let line = 0; ; line++) {
    const taken = labels.some(
      (one) =>
        one.side === side &&
        one.line === line &&
        Math.abs(one.at - at) * scale <
          (upright ? lineHeight : (widthOfLabel(one.text) + widthOfLabel(text)) / 2),
    );
    if (!taken) {
      return line;
    }
  }
}

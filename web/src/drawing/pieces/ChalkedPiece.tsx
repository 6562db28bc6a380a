import type { Piece } from "../../api/client";
import { chalkLabels, widthOfLabel, type ChalkLabel } from "../../model/pieces/chalk";
import { widthOfFigure } from "../../model/pieces/figures";
import { Fractions } from "../Fractions";
import { boxOf, PieceLines } from "./PieceLines";

interface Props {
  piece: Piece;
  /** Pixels a millimetre. */
  scale: number;
  fill: string;
}

const lineHeight = 15;
const sizeHeight = 26;
const besideSize = 8;
const gap = 5;

/** A piece as it is chalked: its shape, its size along two edges, and every notch and fold with its distance from the left or the top. */
export function ChalkedPiece({ piece, scale, fill }: Props) {
  const { left, right, bottom, top } = boxOf(piece);
  const [width, height] = [(right - left) * scale, (top - bottom) * scale];
  const labels = chalkLabels(piece, scale);
  const depth = (side: ChalkLabel["side"]) =>
    Math.max(0, ...labels.filter((one) => one.side === side).map((one) => one.line + 1));
  const breadth = (side: ChalkLabel["side"]) =>
    Math.max(0, ...labels.filter((one) => one.side === side).map((one) => widthOfLabel(one.text)));
  const sizeWidth = widthOfFigure(piece.cutLengthShown, sizeHeight - 6) + besideSize;
  // A figure over a corner stands out beyond it.
  const out = (edge: number) =>
    Math.max(
      0,
      ...labels
        .filter(({ side }) => side === "top" || side === "bottom")
        .map(({ at, text }) => widthOfLabel(text) / 2 - Math.abs(at - edge) * scale),
    );
  const before = Math.max(breadth("left"), out(left)) + 1;
  const above = depth("top") * lineHeight + 2;
  const below = depth("bottom") * lineHeight + sizeHeight;
  const beyond = breadth("right");
  const after = Math.max(beyond + sizeWidth, out(right));
  const place = {
    x: (value: number) => (value - left) * scale + before,
    y: (value: number) => (top - value) * scale + above,
  };
  const at = ({ side, at: along, line }: ChalkLabel) =>
    (
      ({
        top: { x: place.x(along), y: above - gap - line * lineHeight, anchor: "middle" },
        bottom: { x: place.x(along), y: above + height + lineHeight * (line + 1) - 2, anchor: "middle" },
        left: { x: before - gap, y: place.y(along) + 5, anchor: "end" },
        right: { x: before + width + gap, y: place.y(along) + 5, anchor: "start" },
      }) as const
    )[side];
  const all = { width: before + width + after, height: above + height + below };
  return (
    <svg {...all} viewBox={`0 0 ${all.width} ${all.height}`} className="chalked" aria-hidden="true">
      <PieceLines piece={piece} place={place} fill={fill} />
      {labels.map((label) => {
        const { x, y, anchor } = at(label);
        return (
          <Fractions
            key={`${label.side} ${label.text} ${label.at}`}
            x={x}
            y={y}
            anchor={anchor}
            text={label.text}
          />
        );
      })}
      <Fractions
        x={before + width / 2}
        y={above + height + depth("bottom") * lineHeight + 20}
        anchor="middle"
        text={piece.cutWidthShown}
        large
      />
      <Fractions
        x={before + width + beyond + besideSize}
        y={above + height / 2 + 7}
        anchor="start"
        text={piece.cutLengthShown}
        large
      />
    </svg>
  );
}

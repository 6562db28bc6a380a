import { Button } from "antd";
import type { LargestCover, Unit } from "../../api/client";
import { turned } from "../../model/pieces/turned";
import { pieceColour } from "../../model/pieces/pieceColours";
import { inSentence } from "../../model/words/words";

interface Props {
  cover: LargestCover;
  usable: number;
  length: number;
  /** How long one sheet is, where there are several. */
  sheet: number | null;
  unit: Unit;
  /** Another cloth was typed meanwhile, and is not tried yet. */
  isOutdated: boolean;
  onBegin: () => void;
}

const box = { width: 220, height: 130 };

/** The largest cover of one kind, with its pieces as they lie on the cloth. */
export function LargestCard({ cover, usable, length, sheet, unit, isOutdated, onBegin }: Props) {
  const scale = Math.min(box.width / length, box.height / usable);
  const pieces = new Map(cover.pieces.map((piece) => [piece.id, piece]));
  return (
    <li className="sheet">
      <svg width={length * scale} height={usable * scale} aria-hidden="true">
        <rect width={length * scale} height={usable * scale} className="roll-cloth" />
        {sheet !== null &&
          Array.from({ length: Math.round(length / sheet) - 1 }, (_, i) => (
            <line
              key={i}
              className="fold-line"
              x1={(i + 1) * sheet * scale}
              x2={(i + 1) * sheet * scale}
              y1={0}
              y2={usable * scale}
            />
          ))}
        {cover.placements.map((placement) => {
          const piece = pieces.get(placement.piece);
          const corners = piece ? turned(piece.outline, placement.turn) : [];
          return (
            <polygon
              key={`${placement.piece}.${placement.copy}`}
              points={corners
                .map(([x, y]) => `${(placement.y + y) * scale},${(placement.x + x) * scale}`)
                .join(" ")}
              fill={pieceColour((piece?.key ?? "").replace(/-\d+$/, ""))}
              stroke="#22303a"
            />
          );
        })}
      </svg>
      <div>
        <strong>{cover.formLabel}</strong>
        <span>
          {[inSentence(cover.shapeLabel), cover.constructionLabel.toLowerCase()]
            .filter((word) => word !== cover.formLabel.toLowerCase())
            .join(", ")}
        </span>
        <b>{cover.size}</b>
        <span>
          {unit === "in" ? `${Math.round(cover.length / 25.4)} in` : `${Math.round(cover.length / 10)} cm`} of
          the length used
        </span>
        <Button onClick={onBegin} disabled={isOutdated}>
          Begin with this
        </Button>
      </div>
    </li>
  );
}

import { useId } from "react";
import type { Yardage } from "../../api/client";
import { RollPiece } from "./RollPiece";
import { keyOf } from "../../model/pins";
import { rowMargin, rulerHeight } from "./rollScale";
import type { RollHand } from "./useRollHand";

interface Props {
  yardage: Yardage;
  currentId: string | null;
  /** The stretch of the roll in this row, in millimetres. */
  from: number;
  to: number;
  scale: number;
  /** A yard or a metre. */
  step: number;
  unit: string;
  hand: RollHand | undefined;
  /** On paper the row is that share of the sheet which it has of this width; null for a drawing in pixels. */
  share: number | null;
}

/** A stretch of the roll: its ruled edge, and what lies on it; a piece that runs over the end is seen in both rows. */
export function RollRow({ yardage, currentId, from, to, scale, step, unit, hand, share }: Props) {
  const clip = useId();
  const usable = yardage.usableWidth ?? 0;
  const [width, height] = [(to - from) * scale, usable * scale];
  const pieces = new Map(yardage.pieces.map((piece) => [piece.id, piece]));
  const marks = Array.from(
    { length: Math.floor((to - from) / step) + 1 },
    (_, i) => Math.ceil(from / step) + i,
  );
  const labelEvery = Math.max(1, Math.ceil(40 / (step * scale)));
  const buyAt = ((yardage.buy?.buy ?? 0) - from) * scale;
  const [across, along] = [
    (x: number) => rulerHeight + x * scale,
    (y: number) => rowMargin + (y - from) * scale,
  ];
  const box = (x: number, y: number, w: number, l: number) => ({
    x: along(y),
    y: across(x),
    width: l * scale,
    height: w * scale,
  });
  const laid = yardage.lay?.placements.filter((place) => !place.remnant) ?? [];
  const held = hand?.held;
  const shown = held ? [...laid.filter((place) => keyOf(place) !== keyOf(held)), held] : laid;
  return (
    <svg
      className="roll-row"
      {...(share === null
        ? { width: width + 8, height: height + rulerHeight + 4 }
        : {
            viewBox: `0 0 ${width + 8} ${height + rulerHeight + 4}`,
            style: { width: `${Math.min(100, ((width + 8) / share) * 100)}%` },
          })}
      data-from={from}
      data-scale={scale}
      aria-hidden={hand ? undefined : true}
    >
      <clipPath id={clip}>
        <rect x={rowMargin} y={rulerHeight} width={width} height={height} />
      </clipPath>
      <rect className="roll-cloth" x={rowMargin} y={rulerHeight} width={width} height={height} />
      <line className="ruler" x1={rowMargin} x2={width + rowMargin} y1={rulerHeight} y2={rulerHeight} />
      {marks.map((mark) => (
        <g key={mark} transform={`translate(${along(mark * step)} 0)`}>
          <line className="ruler" y1={mark % labelEvery === 0 ? 6 : 13} y2={rulerHeight} />
          {mark % labelEvery === 0 && (mark * step - from) * scale < width - 12 && (
            <text className="ruler-text" x={3} y={13}>
              {mark === 1 ? `1 ${unit}` : mark}
            </text>
          )}
        </g>
      ))}
      <g clipPath={`url(#${clip})`}>
        {(held ? [] : yardage.offcuts).map((offcut) => (
          <g key={`${offcut.x} ${offcut.y}`} className="offcut">
            <rect {...box(offcut.x, offcut.y, offcut.width, offcut.length)} />
            {offcut.length * scale > 70 && offcut.width * scale > 16 && (
              <text x={along(offcut.y + offcut.length / 2)} y={across(offcut.x + offcut.width / 2) + 4}>
                {offcut.length * scale > 150 ? `left over ${offcut.shown}` : offcut.shown}
              </text>
            )}
          </g>
        ))}
        {shown.map((place) => {
          const piece = pieces.get(place.piece);
          return piece ? (
            <RollPiece
              key={keyOf(place)}
              piece={piece}
              place={place}
              left={along(place.y)}
              top={across(place.x)}
              scale={scale}
              isCurrent={piece.cover === currentId}
              isHeld={place === held}
              hand={hand}
              within={width + 8}
            />
          ) : null;
        })}
        {(yardage.cloth?.flaws ?? []).map(([left = 0, right = 0, begins = 0, ends = 0], i) => (
          <rect key={i} className="flaw" {...box(left, begins, right - left, ends - begins)}>
            <title>Flaw {i + 1}</title>
          </rect>
        ))}
        {(yardage.lay?.foldedTo ?? 0) > from && (
          <line
            className="fold-line"
            x1={rowMargin}
            x2={along(yardage.lay?.foldedTo ?? 0)}
            y1={across(usable / 2)}
            y2={across(usable / 2)}
          />
        )}
      </g>
      {buyAt >= 0 && buyAt <= width && (
        <line
          className="buy-line"
          x1={rowMargin + buyAt}
          x2={rowMargin + buyAt}
          y1={2}
          y2={rulerHeight + height + 4}
        />
      )}
    </svg>
  );
}

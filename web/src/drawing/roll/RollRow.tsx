import { useId } from "react";
import type { Yardage } from "../../api/client";
import { PrintFill } from "../pieces/PrintFill";
import { RollPiece } from "./RollPiece";
import { keyOf } from "../../model/cloth/pins";
import { rowMargin, rulerHeight, type Stretch } from "./rollScale";
import type { RollHand } from "./useRollHand";

interface Props {
  yardage: Yardage;
  codes: ReadonlyMap<string, string>;
  currentId: string | null;
  /** The stretch of the roll in this row. */
  stretch: Stretch;
  scale: number;
  /** A yard or a metre. */
  step: number;
  unit: string;
  hand: RollHand | undefined;
  /** The cuts right across, numbered. */
  cuts: Cut[];
  /** On paper the row is that share of the sheet which it has of this width; null for a drawing in pixels. */
  sheet: number | null;
}

/** A cut right across the roll. */
export interface Cut {
  /** From the cut end, in millimetres. */
  at: number;
  /** Its number in the order of cuts. */
  step: number;
}

/** A stretch of the roll: its ruled edge, and what lies on it; a piece that runs over the end is seen in both rows. */
export function RollRow(props: Props) {
  const { yardage, codes, currentId, scale, step, unit, hand, cuts, sheet } = props;
  const { from, to } = props.stretch;
  const [clip, printed] = [useId(), useId()];
  const print = sheet === null ? yardage.print : null;
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
      {...(sheet === null
        ? { width: width + 8, height: height + rulerHeight + 4 }
        : {
            viewBox: `0 0 ${width + 8} ${height + rulerHeight + 4}`,
            style: { width: `${Math.min(100, ((width + 8) / sheet) * 100)}%` },
          })}
      data-from={from}
      data-scale={scale}
      aria-hidden={hand ? undefined : true}
    >
      <clipPath id={clip}>
        <rect x={rowMargin} y={rulerHeight} width={width} height={height} />
      </clipPath>
      {print && (
        <defs>
          <PrintFill
            id={printed}
            print={print}
            transform={`matrix(0 ${scale} ${scale} 0 ${rowMargin - from * scale} ${rulerHeight})`}
          />
        </defs>
      )}
      <rect className="roll-cloth" x={rowMargin} y={rulerHeight} width={width} height={height} />
      {print && (
        <rect
          className="roll-print"
          x={rowMargin}
          y={rulerHeight}
          width={width}
          height={height}
          fill={`url(#${printed})`}
        />
      )}
      <line className="ruler" x1={rowMargin} x2={width + rowMargin} y1={rulerHeight} y2={rulerHeight} />
      {marks.map((mark) => (
        <g key={mark} transform={`translate(${along(mark * step)} 0)`}>
          <line className="ruler" y1={mark % labelEvery === 0 ? 6 : 13} y2={rulerHeight} />
          {mark % labelEvery === 0 &&
            (mark * step - from) * scale < width - 12 &&
            !cuts.some(({ at }) => Math.abs(at - mark * step) * scale < 22) && (
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
              code={codes.get(piece.id) ?? ""}
              isOnPaper={sheet !== null}
              place={place}
              left={along(place.y)}
              top={across(place.x)}
              scale={scale}
              isCurrent={piece.cover === currentId}
              isHeld={place === held}
              hand={hand}
              within={width + 8}
              fill={print ? `url(#${printed})` : null}
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
      {cuts
        .filter(({ at }) => at > from && at <= to)
        .map(({ at, step: number }) => (
          <g key={at} className="cut-line" transform={`translate(${along(at)} 0)`}>
            <line y1={rulerHeight - 2} y2={rulerHeight + height} />
            <circle cy={rulerHeight - 8} r={8} />
            <text y={rulerHeight - 4}>{number}</text>
          </g>
        ))}
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

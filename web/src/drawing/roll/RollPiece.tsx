import type { PointerEvent } from "react";
import { pieceColour } from "../../model/pieces/pieceColours";
import { keyOf, kindOf, type LaidPiece, type Placement } from "../../model/cloth/pins";
import { turned } from "../../model/pieces/turned";
import type { RollHand } from "./useRollHand";

interface Props {
  piece: LaidPiece;
  /** What it is known by; empty where it has no code yet. */
  code: string;
  isOnPaper: boolean;
  place: Placement;
  /** Its least corner on the drawing. */
  left: number;
  top: number;
  scale: number;
  isCurrent: boolean;
  isHeld: boolean;
  hand: RollHand | undefined;
  /** The row is so wide; what lies beyond it is in another. */
  within: number;
  /** The print of its cloth as a fill; null for the colour of its kind. */
  fill: string | null;
}

/** One piece on the roll in its true shape; in a hand's reach it can be picked up. */
export function RollPiece(props: Props) {
  const { piece, code, isOnPaper, place, left, top, scale, isCurrent, isHeld, hand, within } = props;
  const corners = turned(piece.outline, place.turn);
  const along = Math.max(...corners.map(([, y]) => y)) * scale;
  const across = Math.max(...corners.map(([x]) => x)) * scale;
  if (left + along < 0 || left > within) {
    return null;
  }

  const kind = kindOf(piece.key);
  const pinned = hand?.isPinned(place) ?? false;
  const names = [
    "laid",
    isCurrent && "current",
    isHeld && "held",
    pinned && "pinned",
    props.fill && "printed",
  ]
    .filter(Boolean)
    .join(" ");
  const name = `${code} ${piece.name}`.trim();
  const title = piece.copies > 1 ? `${name}, ${place.copy} of ${piece.copies}` : name;
  const reach = hand && {
    tabIndex: hand.isTabStop(place) ? 0 : -1,
    role: "button",
    "aria-label": `${title}${pinned ? ", pinned" : ""}`,
    "aria-pressed": pinned,
    onFocus: () => hand.choose(keyOf(place)),
    onPointerDown: (event: PointerEvent<SVGGElement>) => hand.onPointerDown(event, place),
    onPointerMove: hand.onPointerMove,
    onPointerUp: hand.onPointerUp,
    onPointerCancel: hand.onPointerCancel,
    onKeyDown: (event: React.KeyboardEvent) => hand.onKeyDown(event, place),
  };
  return (
    <g className={names} {...reach}>
      <title>{title}</title>
      <polygon
        points={corners.map(([x, y]) => `${left + y * scale},${top + x * scale}`).join(" ")}
        fill={props.fill ?? pieceColour(kind)}
      />
      <Label
        texts={
          isOnPaper || kind === "piping"
            ? [code]
            : [name, `${code} ${piece.name.split(/[ ,]/)[0] ?? ""}`.trim(), code]
        }
        left={left}
        top={top}
        along={along}
        across={across}
        most={isOnPaper ? 20 : 12}
      />
      {pinned && <Pin x={left + Math.min(9, along / 2)} y={top + Math.min(9, across / 2)} />}
    </g>
  );
}

/** A dressmaker's pin, head up. */
function Pin({ x, y }: { x: number; y: number }) {
  return (
    <g className="pin">
      <line x1={x} y1={y} x2={x + 7} y2={y + 9} />
      <circle cx={x} cy={y} r={3.5} />
    </g>
  );
}

/** How wide a letter is, and how much room one takes across, as shares of its height. */
const letter = { width: 0.58, across: 1.08 };
const smallest = 9;

interface LabelProps {
  /** What may be written, the fullest first. */
  texts: string[];
  left: number;
  top: number;
  along: number;
  across: number;
  /** The largest its letters are, in pixels. */
  most: number;
}

/** What a piece is called along its longer side: as much of it as there is room for. */
function Label({ texts, left, top, along, across, most }: LabelProps) {
  const [x, y] = [left + along / 2, top + across / 2];
  const upright = across > along;
  const room = upright ? { length: across, width: along } : { length: along, width: across };
  const high = Math.min(most, room.width / letter.across);
  const fits = (text: string, size: number) => text.length * letter.width * size < room.length;
  const text = texts.find((one) => fits(one, high)) ?? texts.at(-1) ?? "";
  const size = Math.min(high, room.length / ((text.length + 0.5) * letter.width));
  return text && size >= smallest ? (
    <text
      x={x}
      y={y}
      dy={size * 0.35}
      style={{ fontSize: size }}
      transform={upright ? `rotate(-90 ${x} ${y})` : undefined}
    >
      {text}
    </text>
  ) : null;
}

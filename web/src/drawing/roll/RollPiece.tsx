import type { PointerEvent } from "react";
import { pieceColour } from "../../model/pieceColours";
import { keyOf, type LaidPiece, type Placement } from "../../model/pins";
import { turned } from "../../model/turned";
import type { RollHand } from "./useRollHand";

interface Props {
  piece: LaidPiece;
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
}

/** One piece on the roll in its true shape; in a hand's reach it can be picked up. */
export function RollPiece({ piece, place, left, top, scale, isCurrent, isHeld, hand, within }: Props) {
  const corners = turned(piece.outline, place.turn);
  const along = Math.max(...corners.map(([, y]) => y)) * scale;
  const across = Math.max(...corners.map(([x]) => x)) * scale;
  if (left + along < 0 || left > within) {
    return null;
  }

  const kind = kindOf(piece.key);
  const pinned = hand?.isPinned(place) ?? false;
  const names = ["laid", isCurrent && "current", isHeld && "held", pinned && "pinned"]
    .filter(Boolean)
    .join(" ");
  const title = piece.copies > 1 ? `${piece.name}, ${place.copy} of ${piece.copies}` : piece.name;
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
        fill={pieceColour(kind)}
      />
      <Label name={kind === "piping" ? "" : piece.name} left={left} top={top} along={along} across={across} />
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

/** The kind of piece a key names: the parts of a joined strip or plate are of one kind. */
function kindOf(key: string): string {
  return key.replace(/(-part)?-\d+$/, "").replace(/^(plate|block)-.*/, "$1");
}

const letter = 7;

interface LabelProps {
  name: string;
  left: number;
  top: number;
  along: number;
  across: number;
}

/** The piece's name along its longer side, where there is room: whole, without which part it is, or its first word. */
function Label({ name, left, top, along, across }: LabelProps) {
  const [x, y] = [left + along / 2, top + across / 2];
  const upright = across > along;
  const room = upright ? { length: across, width: along } : { length: along, width: across };
  const text = [name, name.replace(/ \d.*$/, ""), name.split(/[ ,]/)[0] ?? ""].find(
    (words) => words.length * letter < room.length,
  );
  return text && room.width > 13 ? (
    <text x={x} y={y} dy={4} transform={upright ? `rotate(-90 ${x} ${y})` : undefined}>
      {text}
    </text>
  ) : null;
}

import { Button, Input } from "antd";
import { useState, type KeyboardEvent, type PointerEvent } from "react";
import type { Check, Piece, Unit } from "../../../api/client";
import { PieceShape } from "../../../drawing/pieces/PieceShape";
import { editText } from "../../../model/job/benchStore";
import type { Cover } from "../../../model/cover/cover";
import { extentOf } from "../../../model/pieces/pieceSize";
import type { PrintOn } from "../../../model/cloth/print";
import { leadPrint, type Led } from "../../../model/job/printLed";
import { ChecksFor } from "../../../ui/checks/ChecksFor";

interface Props {
  piece: Piece;
  cover: Cover;
  print: PrintOn;
  /** The key of the cloth it is cut from. */
  cloth: string;
  unit: Unit;
  checks: Check[];
  /** Where the print is led now. */
  led: Led;
}

/** As large as the piece is drawn, in pixels, and what a narrow screen keeps free beside it. */
const room = { width: 350, height: 380, beside: 60 };

/** How far an arrow key leads the print, in millimetres; ten times as far with Shift. */
const nudge: Record<Unit, number> = { in: 25.4 / 8, cm: 1, mm: 1 };

const arrows: Record<string, Led> = {
  ArrowRight: { across: 1, along: 0 },
  ArrowLeft: { across: -1, along: 0 },
  ArrowUp: { across: 0, along: 1 },
  ArrowDown: { across: 0, along: -1 },
};

/** The print on a face, dragged to where it is wanted: a motif in the middle, a stripe beside it. */
export function PrintPlacing({ piece, cover, print, cloth, unit, checks, led }: Props) {
  const [held, setHeld] = useState<{ x: number; y: number; led: Led } | null>(null);
  const scale = Math.min(
    Math.min(room.width, window.innerWidth - room.beside) / extentOf(piece, 0),
    room.height / extentOf(piece, 1),
  );
  const moved = held?.led ?? { across: 0, along: 0 };
  const put = ({ across, along }: Led) =>
    leadPrint({ across: led.across + across, along: led.along + along }, print.print, unit, cloth);
  const onMove = (event: PointerEvent) => {
    if (held) {
      setHeld({
        ...held,
        led: { across: (event.clientX - held.x) / scale, along: (held.y - event.clientY) / scale },
      });
    }
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const arrow = arrows[event.key];
    if (arrow) {
      event.preventDefault();
      const step = nudge[unit] * (event.shiftKey ? 10 : 1);
      put({ across: arrow.across * step, along: arrow.along * step });
    }
  };
  const figure = print.print.kind === "stripe" ? "stripe" : "motif";
  const field = (name: "printAcross" | "printAlong", label: string) => (
    <label>
      {label}
      <Input
        size="small"
        placeholder="in the middle"
        value={cover.options[name] ?? ""}
        onChange={(event) => editText("options", name, event.target.value)}
      />
    </label>
  );
  return (
    <div className="print-placing">
      <p>
        Drag the print on the {piece.name.toLowerCase()}, or lead it with the arrow keys. What stands round it
        goes on from it.
      </p>
      <div
        className="print-piece"
        role="slider"
        tabIndex={0}
        aria-label={`The print on the ${piece.name.toLowerCase()}`}
        aria-valuenow={led.across}
        aria-valuetext={`${cover.options.printAcross || "0"} right, ${cover.options.printAlong || "0"} back`}
        onKeyDown={onKeyDown}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          setHeld({ x: event.clientX, y: event.clientY, led: { across: 0, along: 0 } });
        }}
        onPointerMove={onMove}
        onPointerUp={() => {
          if (held && (held.led.across !== 0 || held.led.along !== 0)) {
            put(held.led);
          }

          setHeld(null);
        }}
        onPointerCancel={() => setHeld(null)}
      >
        <PieceShape
          piece={piece}
          scale={scale}
          fill=""
          print={print}
          printMoved={[moved.across * scale, -moved.along * scale]}
        />
      </div>
      <div className="print-led">
        {field("printAcross", `${figure} right of the middle`)}
        {print.print.length > 0 &&
          print.print.kind !== "stripe" &&
          field("printAlong", `${figure} back of the middle`)}
        <Button size="small" onClick={() => leadPrint({ across: 0, along: 0 }, print.print, unit, cloth)}>
          {figure} in the middle
        </Button>
        <Button
          size="small"
          onClick={() => leadPrint({ ...led, across: print.print.width / 2 }, print.print, unit, cloth)}
        >
          one on each side
        </Button>
      </div>
      <ChecksFor
        checks={checks.filter(({ measure }) => measure === "printAcross" || measure === "printAlong")}
      />
    </div>
  );
}

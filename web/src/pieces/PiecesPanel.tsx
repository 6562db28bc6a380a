import { useState } from "react";
import type { Draft, Piece } from "../api/client";
import { ChecksFor } from "../ui/ChecksFor";
import { pieceColour } from "../ui/pieceColours";
import { useSize } from "../ui/useSize";
import { alike } from "./alike";
import { PieceShape } from "./PieceShape";
import { FinishedSizes } from "./FinishedSizes";
import { TouchedSize } from "./TouchedSize";
import { WorkingLine } from "./WorkingLine";
import "./pieces.css";

interface Props {
  draft: Draft | null;
  example: boolean;
  stale: boolean;
}

/** Every piece in its true shape at one scale, with its cut size; a touched number shows its sum. */
export function PiecesPanel({ draft, example, stale }: Props) {
  const [target, setTarget] = useState<string | null>(null);
  const { ref, size } = useSize<HTMLDivElement>({ width: 440, height: 300 });
  if (!draft) {
    return (
      <section className="sheet pieces-panel" aria-label="Pieces" id="pieces" ref={ref}>
        <h2 className="panel-heading">Pieces</h2>
        <p className="nothing">The pieces appear when the measures can be read.</p>
      </section>
    );
  }

  const shapes = draft.pieces.filter((piece) => piece.id !== "piping");
  const longest = Math.max(...shapes.map((piece) => width(piece)));
  const tallest = Math.max(...shapes.map((piece) => height(piece)));
  const scale = Math.min((size.width * 0.44) / longest, 58 / tallest);
  const shown = target ?? `${draft.pieces[0]?.key}.cutWidth`;
  const working =
    draft.working.find((line) => line.for === shown) ??
    draft.working.find((line) => line.for.endsWith(".cutWidth"));
  const meets = draft.seams.filter((seam) => seam.meets).length;
  return (
    <section
      className={stale ? "sheet pieces-panel stale" : "sheet pieces-panel"}
      aria-label="Pieces"
      id="pieces"
      ref={ref}
    >
      <header className="pieces-header">
        <h2 className="panel-heading">Cut sizes in {unitWords[draft.unit] ?? draft.unit}; red is stitched</h2>
        {example && <span className="example-mark">example</span>}
        {stale && <span className="example-mark">before the last entry</span>}
        <span className={meets === draft.seams.length ? "ledger" : "ledger open"}>
          {meets === draft.seams.length
            ? `All ${meets} seams meet`
            : `${draft.seams.length - meets} seams do not meet`}
        </span>
      </header>
      <ul className="pieces">
        {alike(draft.pieces).map(({ piece, quantity, name }) => (
          <li key={piece.key}>
            <span className="piece-drawing">
              {piece.id === "piping" ? (
                <span className="casing" style={{ background: pieceColour(piece.id) }} />
              ) : (
                <PieceShape piece={piece} scale={scale} fill={pieceColour(piece.id)} />
              )}
            </span>
            <span className="piece-count">{quantity}</span>
            <span className="piece-name">
              {name}
              <span className="piece-size">
                <TouchedSize
                  line={`${piece.key}.cutWidth`}
                  text={piece.cutWidthShown}
                  label={`${piece.name}, cut width`}
                  shown={shown}
                  onTouch={setTarget}
                />{" "}
                ×{" "}
                <TouchedSize
                  line={`${piece.key}.cutLength`}
                  text={piece.cutLengthShown}
                  label={`${piece.name}, cut length`}
                  shown={shown}
                  onTouch={setTarget}
                />
              </span>
            </span>
          </li>
        ))}
      </ul>
      <FinishedSizes draft={draft} shown={shown} onTouch={setTarget} />
      {working && <WorkingLine working={working} lines={draft.working} onTouch={setTarget} />}
      <ChecksFor checks={draft.checks.filter((check) => check.measure === null)} />
    </section>
  );
}

const unitWords: Record<string, string> = { in: "inches" };

function extent(piece: Piece, axis: 0 | 1): number {
  const values = piece.outline.map((corner) => corner[axis] ?? 0);
  return Math.max(...values) - Math.min(...values);
}

const width = (piece: Piece) => extent(piece, 0);
const height = (piece: Piece) => extent(piece, 1);

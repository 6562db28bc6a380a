import { Fragment } from "react";
import type { Draft, Piece } from "../../api/client";
import { Figure } from "../../drawing/Figure";
import { pieceColour } from "../../model/pieces/pieceColours";
import { ChalkedPiece } from "../../drawing/pieces/ChalkedPiece";
import { extentOf } from "../../model/pieces/pieceSize";

interface Props {
  /** The letter of the cover; its pieces are numbered. */
  letter: string;
  name: string;
  /** How many alike. */
  count: string;
  /** What the cloth is called, where the job has several; else empty. */
  from: string;
  draft: Draft;
  /** The pieces that are cut from this cloth. */
  pieces: Piece[];
}

/** As wide and as high as a piece is drawn, in pixels of a sheet in two columns. */
const largest = { width: 255, height: 140 };

/** One cover's cut list: every piece under its code, drawn with its size and the distances that are chalked on it. */
export function CutList({ letter, name, count, from, draft, pieces }: Props) {
  const drawn = pieces.filter(isDrawn);
  const scale = Math.min(
    largest.width / Math.max(...drawn.map((piece) => extentOf(piece, 0))),
    largest.height / Math.max(...drawn.map((piece) => extentOf(piece, 1))),
  );
  return (
    <section className="cut-list">
      <h2>
        <span className="cut-letter">{letter}</span> {name}
        {count !== "1" && `, ${count} alike`}
        {from && `, from ${from}`}
        <Finished draft={draft} />
      </h2>
      <ol className="cut-pieces">
        {pieces.map((piece) => (
          <li key={piece.key}>
            <p className="cut-head">
              <strong className="cut-code">
                {letter}
                {piece.number}
              </strong>
              <strong className="cut-count">
                <span className="visually-hidden">cut </span>× {piece.quantity}
              </strong>
              <span>
                {piece.name}
                {isDrawn(piece) || (
                  <strong className="cut-size">
                    <Figure text={piece.cutWidthShown} /> × <Figure text={piece.cutLengthShown} />
                  </strong>
                )}
                {besides(piece) && <small>{besides(piece)}</small>}
              </span>
              {isDrawn(piece) && (
                <span className="visually-hidden">
                  {piece.cutWidthShown} × {piece.cutLengthShown} {draft.unit}; {marksOf(piece)}
                </span>
              )}
            </p>
            {isDrawn(piece) && <ChalkedPiece piece={piece} scale={scale} fill={pieceColour(piece.id)} />}
          </li>
        ))}
      </ol>
    </section>
  );
}

/** A casing is a strip on the bias: it has no marks and no shape worth a drawing. */
const isDrawn = (piece: Piece) => piece.id !== "piping";

/** What the drawing does not say. */
function besides(piece: Piece): string {
  const lines = piece.marks.filter((mark) => mark.kind === "corner-line").length;
  return [
    piece.mirrored > 0 && `${piece.mirrored} of them turned over`,
    piece.turns[0] === 90 && "lies down the roll",
    lines > 0 && `${lines} corner lines, in red`,
    !isDrawn(piece) && "mark the bias, join on the straight grain",
  ]
    .filter(Boolean)
    .join("; ");
}

/** The finished size across, along and through, as far as this thing has them. */
function Finished({ draft }: { draft: Draft }) {
  const sizes = ["d", "W", "D", "L", "H", "t", "T"].flatMap((key) =>
    draft.finished.filter((size) => size.key === key),
  );
  return sizes.length === 0 ? null : (
    <small>
      finished{" "}
      {sizes.map((size, i) => (
        <Fragment key={size.key}>
          {i > 0 && " × "}
          <Figure text={size.shown} />
        </Fragment>
      ))}{" "}
      {draft.unit}
    </small>
  );
}

/** The chalk and snips a piece gets, with where the tape finds them, for who cannot see the drawing. */
function marksOf(piece: Piece): string {
  const places = (kind: string, one: string) => {
    const found = [...new Set(piece.marks.filter((mark) => mark.kind === kind).map((mark) => mark.place))];
    return found.length > 0 ? `${one} ${together(found)}` : "";
  };
  return [places("notch", "notch"), places("fold", "fold"), places("zip-stop", "zip stop")]
    .filter(Boolean)
    .join("; ");
}

/** “3 from the left end” and “9 from the left end” are “3, 9 from the left end”. */
function together(places: string[]): string {
  const byEdge = new Map<string, string[]>();
  for (const place of places) {
    const at = place.indexOf(" from ");
    const edge = place.slice(at + 1);
    byEdge.set(edge, [...(byEdge.get(edge) ?? []), place.slice(0, at)]);
  }

  return [...byEdge].map(([edge, figures]) => `${figures.join(", ")} ${edge}`).join(" and ");
}

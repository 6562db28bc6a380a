import { Fragment } from "react";
import type { Draft, Piece } from "../../api/client";
import { Figure } from "../../drawing/Figure";
import { pieceColour } from "../../model/pieceColours";
import { PieceShape } from "../../drawing/PieceShape";

interface Props {
  name: string;
  /** How many alike. */
  count: string;
  /** What the cloth is called, where the job has several; else empty. */
  from: string;
  draft: Draft;
}

/** One cover's cut list, a line a piece, with room to tick. */
export function CutList({ name, count, from, draft }: Props) {
  const drawn = draft.pieces.filter((piece) => piece.id !== "piping");
  const scale = Math.min(
    110 / Math.max(...drawn.map((piece) => piece.cutWidth)),
    90 / Math.max(...drawn.map((piece) => piece.cutLength)),
  );
  return (
    <section className="cut-list">
      <h2>
        {name}
        {count !== "1" && `, ${count} alike`}
        {from && `, from ${from}`}
        <Finished draft={draft} />
      </h2>
      <table>
        <thead>
          <tr>
            <th>Cut</th>
            <th>Piece</th>
            <th>Size, {draft.unit}</th>
            <th>Shape</th>
            <th>Marks</th>
          </tr>
        </thead>
        <tbody>
          {draft.pieces.map((piece) => (
            <tr key={piece.key}>
              <td className="cut-count">{piece.quantity}</td>
              <td>
                {piece.name}
                {piece.mirrored > 0 && <small>{piece.mirrored} of them turned over</small>}
                {piece.turns[0] === 90 && <small>lies down the roll</small>}
              </td>
              <td className="cut-size">
                <Figure text={piece.cutWidthShown} /> × <Figure text={piece.cutLengthShown} />
              </td>
              <td>
                {piece.id !== "piping" && (
                  <PieceShape piece={piece} scale={scale} fill={pieceColour(piece.id)} />
                )}
              </td>
              <td className="cut-marks">{marksOf(piece)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
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

/** The chalk and snips a piece gets, with where the tape finds them. */
function marksOf(piece: Piece): string {
  if (piece.id === "piping") {
    return "mark the bias, join on the straight grain";
  }

  const places = (kind: string, one: string) => {
    const found = [...new Set(piece.marks.filter((mark) => mark.kind === kind).map((mark) => mark.place))];
    return found.length > 0 ? `${one} ${together(found)}` : "";
  };
  const count = piece.marks.filter((mark) => mark.kind === "corner-line").length;
  const words = [
    piece.id === "plate" ? "top, front" : piece.id === "boxing" ? "top edge" : "",
    places("notch", "notch"),
    places("fold", "fold"),
    count > 0 ? `${count} corner lines` : "",
    places("zip-stop", "zip stop"),
  ];
  return words.filter(Boolean).join("; ");
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

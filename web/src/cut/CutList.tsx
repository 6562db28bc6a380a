import type { Cover, Draft, Piece } from "../api/client";
import { Figure } from "../ui/Figure";
import { pieceColour } from "../ui/pieceColours";
import { PieceShape } from "../pieces/PieceShape";

/** One cover's cut list, a line a piece, with room to tick. */
export function CutList({ cover, draft }: { cover: Cover; draft: Draft }) {
  const scale =
    110 / Math.max(...draft.pieces.filter((piece) => piece.id !== "piping").map((piece) => piece.cutWidth));
  const thickness = draft.finished.find((size) => size.key === "t");
  return (
    <section className="cut-list">
      <h2>
        {cover.name || "Cushion"}, {cover.count} alike
        <small>
          finished <Figure text={finished(draft, "W")} /> × <Figure text={finished(draft, "D")} /> ×{" "}
          <Figure text={thickness?.shown ?? ""} /> {draft.unit}
        </small>
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

function finished(draft: Draft, key: string): string {
  return draft.finished.find((size) => size.key === key)?.shown ?? "";
}

function counted(count: number, one: string, many: string): string {
  return count === 0 ? "" : `${count} ${count === 1 ? one : many}`;
}

/** The marks in words: how many notches, folds and lines, and the chalk every piece gets. */
function marksOf(piece: Piece): string {
  if (piece.id === "piping") {
    return "mark the bias, join on the straight grain";
  }

  const count = (kind: string) => piece.marks.filter((mark) => mark.kind === kind).length;
  const words = [
    counted(count("notch"), "notch", "notches"),
    counted(count("fold"), "fold line", "fold lines"),
    counted(count("corner-line"), "corner line", "corner lines"),
    counted(count("zip-stop"), "zip stop", "zip stops"),
    piece.id === "plate" ? "top and front" : "top edge",
  ];
  return words.filter(Boolean).join(", ");
}

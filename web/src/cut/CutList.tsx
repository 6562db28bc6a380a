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

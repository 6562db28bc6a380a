import type { Draft } from "../../../api/client";
import { Figure } from "../../../drawing/Figure";

type Seam = Draft["seams"][number];

interface Props {
  seams: Seam[];
  wrong: Set<string>;
  lit: string | null;
  onLight: (seam: string | null) => void;
}

/** Every seam with both its stitched lengths; those that are wrong come first, and one that is touched is lit on the cover. */
export function SeamTable({ seams, wrong, lit, onLight }: Props) {
  const rows = [
    ...seams.filter((seam) => wrong.has(seam.id)),
    ...seams.filter((seam) => !wrong.has(seam.id)),
  ];
  return (
    <div className="proof-seams">
      <h3>
        {wrong.size > 0
          ? `${wrong.size} of ${seams.length} seams do not meet`
          : `${seams.length} seams, measured on both sides`}
      </h3>
      <div className="proof-scroll">
        <table>
          <tbody>
            {rows.map((seam) => (
              <tr
                key={seam.id}
                className={`${wrong.has(seam.id) ? "open" : ""}${lit === seam.id ? " lit" : ""}`}
                onPointerEnter={() => onLight(seam.id)}
                onPointerLeave={() => onLight(null)}
              >
                <th scope="row">
                  <button type="button" onFocus={() => onLight(seam.id)} onClick={() => onLight(seam.id)}>
                    {seam.id.replaceAll("-", " ")}
                  </button>
                </th>
                <td>
                  <Side seam={seam} side={1} />
                </td>
                <td>
                  <Side seam={seam} side={2} />
                </td>
                <td>{wrong.has(seam.id) ? "open" : seam.ease > 0 ? "gathered ✓" : "✓"}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </div>
  );
}

/** One side of a seam: the piece and how long it is; of several edges, each. */
function Side({ seam, side }: { seam: Seam; side: number }) {
  const edges = seam.sides.filter((edge) => edge.side === side);
  const [first] = edges;
  return first ? (
    <>
      {first.piece.replaceAll("-", " ")}
      {edges.length > 1 ? ` and ${edges.length - 1} more, each` : ""}: <Figure text={first.lengthShown} />
    </>
  ) : null;
}

import { useState } from "react";
import type { Unit } from "../../api/client";
import { blockEdges, edgeWords, placesOf, putAfter, type TrimmedRow } from "../../model/cover/trimmed";

interface Props {
  name: string;
  unit: Unit;
  rows: TrimmedRow[];
  isWorking: boolean;
  onKeep: (rows: TrimmedRow[]) => void;
}

/** The points along the trimmed edge of one block, with the shape they make. */
export function TrimmedPoints({ name, unit, rows: known, isWorking, onKeep }: Props) {
  const [rows, setRows] = useState(known);
  const change = (at: number, part: Partial<TrimmedRow>) =>
    setRows(rows.map((row, i) => (i === at ? { ...row, ...part } : row)));
  const places = placesOf(rows, unit);
  return (
    <section className="sheet fit-points">
      <div>
        <h2>{name}, as it was trimmed</h2>
        <p>
          Round it from the lower left corner along the lower edge; on the raw edge, seam allowance and all.
        </p>
        <table>
          <thead>
            <tr>
              <th>edge from here</th>
              <th>across, {unit}</th>
              <th>up, {unit}</th>
              <th />
            </tr>
          </thead>
          <tbody>
            {rows.map((row, i) => (
              <tr key={i}>
                <td>
                  <select
                    aria-label={`Point ${i + 1}, edge`}
                    value={row.edge}
                    onChange={(event) => change(i, { edge: event.target.value })}
                  >
                    {i > 0 && <option value="">goes on</option>}
                    {blockEdges.map((edge) => (
                      <option key={edge} value={edge}>
                        {edgeWords[edge]}
                      </option>
                    ))}
                  </select>
                </td>
                {(["x", "y"] as const).map((axis) => (
                  <td key={axis}>
                    <input
                      aria-label={`Point ${i + 1}, ${axis === "x" ? "across" : "up"}`}
                      value={row[axis]}
                      inputMode="decimal"
                      onChange={(event) => change(i, { [axis]: event.target.value })}
                    />
                  </td>
                ))}
                <td>
                  <button type="button" className="hand-small" onClick={() => setRows(putAfter(rows, i))}>
                    + point
                  </button>
                  {rows.length > 3 && (
                    <button
                      type="button"
                      className="hand-small"
                      aria-label={`Take point ${i + 1} out`}
                      onClick={() => setRows(rows.filter((_, at) => at !== i))}
                    >
                      −
                    </button>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <div className="fit-shape">
        {places ? <Shape places={places} name={name} /> : <p>Something in it is no length yet.</p>}
        <button
          type="button"
          className="hand-button is-first"
          disabled={!places || isWorking}
          onClick={() => onKeep(rows)}
        >
          Keep as the pattern
        </button>
      </div>
    </section>
  );
}

function Shape({ places, name }: { places: [number, number][]; name: string }) {
  const [xs, ys] = [places.map(([x]) => x), places.map(([, y]) => y)];
  const [width, height] = [Math.max(...xs) - Math.min(...xs) || 1, Math.max(...ys) - Math.min(...ys) || 1];
  const edge = Math.max(width, height) * 0.06;
  return (
    <svg
      role="img"
      aria-label={`${name}, laid flat`}
      viewBox={`${Math.min(...xs) - edge} ${-Math.max(...ys) - edge} ${width + 2 * edge} ${height + 2 * edge}`}
    >
      <polygon points={places.map(([x, y]) => `${x},${-y}`).join(" ")} />
      {places.map(([x, y], i) => (
        <circle key={i} cx={x} cy={-y} r={edge / 5} />
      ))}
    </svg>
  );
}

import { Button } from "antd";
import type { Draft } from "../../../api/client";
import { Figure } from "../../../drawing/Figure";
import { WorkingLine } from "../pieces/WorkingLine";
import "./working.css";

/** The whole working of a cover, line by line, the way it would stand on a whiteboard. */
export function WorkingSheet({ draft, name, onLeave }: { draft: Draft; name: string; onLeave: () => void }) {
  return (
    <section className="whiteboard" aria-label="The whole working">
      <header>
        <h2>{name}: the whole working</h2>
        <Button onClick={() => window.print()}>Print</Button>
        <Button autoFocus onClick={onLeave}>
          Back to the bench
        </Button>
      </header>
      <ol>
        {draft.working.map((line) => (
          <li key={line.for}>
            <WorkingLine working={line} lines={[]} onTouch={() => undefined} />
          </li>
        ))}
      </ol>
      <h3>Seams, both sides</h3>
      <table>
        <tbody>
          {draft.seams.map((seam) => (
            <tr key={seam.id}>
              <th scope="row">{seam.id.replaceAll("-", " ")}</th>
              {seam.sides.map((side, i) => (
                <td key={i}>
                  {side.piece} <Figure text={side.lengthShown} />
                </td>
              ))}
              <td>{seam.meets ? "meet" : "do not meet"}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

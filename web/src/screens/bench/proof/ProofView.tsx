import { Button } from "antd";
import type { Cover } from "../../../model/cover/cover";
import { useState } from "react";
import type { Draft, FoldUp, Unit } from "../../../api/client";
import { useBench } from "../../../model/job/benchStore";
import { useFoldUp } from "../../../queries/figures/useFoldUp";
import { Figure } from "../../../drawing/Figure";
import { ProofPicture } from "../../../drawing/folded/ProofPicture";
import { SeamTable } from "./SeamTable";
import "./proof.css";

interface Props {
  cover: Cover;
  unit: Unit;
  houseRules: Record<string, string>;
  draft: Draft | null;
  name: string;
}

/** The proof, opened: every seam measured on both its sides, the cover folded up at them, and its size against the thing. */
export function ProofView({ cover, unit, houseRules, draft, name }: Props) {
  const [lit, setLit] = useState<string | null>(null);
  const { data } = useFoldUp(cover, unit, houseRules);
  const wrong = new Set([
    ...(data?.unequalSeams ?? []),
    ...(data?.open ?? []).flatMap((place) => (place.seam === null ? [] : [place.seam])),
  ]);
  const closes = data?.closes ?? true;
  return (
    <section className="sheet proof-view" aria-label="The proof">
      <header>
        <h2 className={closes ? undefined : "open"}>
          {closes ? `${name}: this cover closes` : `${name}: this cover does not close`}
        </h2>
        <Button autoFocus onClick={() => useBench.setState({ proving: false })}>
          Back to the bench
        </Button>
      </header>
      {!closes && (
        <p className="proof-fault" role="alert">
          A fault of the drafting and not of your measures: do not cut from it.{" "}
          {data?.problems.slice(0, 2).join(" ")}
        </p>
      )}
      <ProofPicture folded={data ?? null} lit={lit} />
      <div className="proof-steps">
        <Folded data={data ?? null} />
        <SeamTable seams={draft?.seams ?? []} wrong={wrong} lit={lit} onLight={setLit} />
      </div>
    </section>
  );
}

const words: Record<string, string> = {
  size: "size",
  "open edge": "edges left open",
  "cloth between stitch lines": "cloth between stitch lines",
  "way round its first face": "way round its first face",
  gather: "drawn in by",
};

/** How far apart sewn edges lie when it is folded up, and what it then measures. */
function Folded({ data }: { data: FoldUp | null }) {
  if (!data || data.facets.length === 0) {
    return (
      <p className="proof-folded">
        This cover is pinned on the thing: each part lies in its block with its tucks and its allowance, and
        there is nothing to fold before that.
      </p>
    );
  }

  return (
    <div className="proof-folded">
      <h3>Folded up, against the thing</h3>
      <table>
        <thead>
          <tr>
            <td />
            <th scope="col">folded</th>
            <th scope="col">the thing says</th>
            <td />
          </tr>
        </thead>
        <tbody>
          <tr className={data.open.length > 0 ? "open" : undefined}>
            <th scope="row">sewn edges apart by</th>
            <td>
              <Figure text={data.gapShown} />
            </td>
            <td>0</td>
            <td>{data.open.length > 0 ? "open" : "✓"}</td>
          </tr>
          {data.figures.map((figure, i) => (
            <tr key={i} className={figure.agrees ? undefined : "open"}>
              <th scope="row">{words[figure.what] ?? figure.what}</th>
              <td>
                <Figure text={figure.foundShown} />
              </td>
              <td>
                <Figure text={figure.expectedShown} />
              </td>
              <td>{figure.agrees ? "✓" : "differs"}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

import type { Cover } from "../../../model/cover/cover";
import type { Draft, Unit } from "../../../api/client";
import { useBench } from "../../../model/job/benchStore";
import { useFoldUp } from "../../../queries/figures/useFoldUp";
import "./proof.css";

interface Props {
  draft: Draft;
  cover: Cover;
  unit: Unit;
  houseRules: Record<string, string>;
}

/** What the proof came to, in a few words; a touch opens it. */
export function ProofMark({ draft, cover, unit, houseRules }: Props) {
  const { data } = useFoldUp(cover, unit, houseRules);
  const open = data ? !data.closes : false;
  return (
    <button
      type="button"
      className={open ? "proof-mark open" : "proof-mark"}
      title="Open the proof (Alt+S)"
      onClick={() => useBench.setState({ proving: true })}
    >
      {open
        ? "Does not close: see where"
        : draft.seams.length === 0 && data?.facets.length === 0
          ? "Pinned: see what is proved"
          : data
            ? `Proved: ${draft.seams.length} seams meet, folded up it closes`
            : `${draft.seams.length} seams meet`}
    </button>
  );
}

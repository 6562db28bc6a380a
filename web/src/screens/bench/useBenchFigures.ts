import type { Catalogue } from "../../api/client";
import { useBench, useCurrentCover } from "../../model/job/benchStore";
import { clothOnBench } from "../../model/job/benchCloth";
import { clothOf } from "../../model/job/document";
import { useKeepFigures } from "../../queries/job/useKeepFigures";
import { useLastGood } from "../../queries/figures/useLastGood";
import { useLookLonger } from "../../queries/figures/useLookLonger";
import { useSettled } from "../../queries/figures/useSettled";
import { quickSteps, settledSteps, useYardage, useYardages } from "../../queries/figures/useYardage";

const pauseBeforeComparing = 350;

/** What the core says of the job on the bench: at once with a quick lay, then the settled one, then the other widths. */
export function useBenchFigures(catalogue: Catalogue, houseRules: Record<string, string>) {
  const document = useBench((state) => state.document);
  const laying = useBench((state) => state.laying);
  const shownCloth = useBench((state) => state.shownCloth);
  const current = useCurrentCover();
  const only = laying === "cover" ? (current?.id ?? null) : null;
  const settled = useSettled(document, pauseBeforeComparing);
  const drafts = current ? [current.id] : [];
  const cloth = document ? clothOnBench(document, { currentId: current?.id ?? null, shownCloth }) : null;
  const key = cloth?.key ?? "";
  const of = { cloth: key, catalogue, houseRules, only };
  const quick = useYardage({ document, ...of, drafts, steps: quickSteps });
  const full = useYardage({ document: settled, ...of, drafts, steps: settledSteps });
  const others = useYardages(settled, key, catalogue, houseRules);
  const isSettled = settled === document && !full.isPlaceholderData && full.data !== undefined;
  // The other widths take many lays: the figure is there before them, and its own lay is not looked for again.
  const compared = useYardage({
    document: isSettled ? settled : null,
    ...of,
    drafts: [],
    compare: true,
    steps: quickSteps,
    known: isSettled ? full.data?.lay : null,
  });
  const isCompared = isSettled && !compared.isPlaceholderData && compared.data !== undefined;
  const latest = (isSettled ? full.data : quick.data) ?? null;
  // While a cloth for linings is shown, the cover's pieces are still those of its own cloth.
  const own = document ? clothOf(document, current?.cover).key : "";
  const drafted = own === key ? latest : (others.find((other) => other.cloth.key === own)?.yardage ?? null);
  const answer = (current && drafted?.covers[current.id]) ?? null;
  const draft = useLastGood(current?.id ?? "", answer?.draft ?? null);
  const stale = answer !== null && !answer.draft;
  const yardage = useLastGood(current?.id ?? "", stale && latest?.buy == null ? null : latest);
  const longer = useLookLonger(
    only === null ? full.body : null,
    isSettled ? (full.data ?? null) : null,
    document?.heading.unit ?? "in",
  );
  useKeepFigures(
    isSettled && cloth && only === null && others.every((other) => other.isSettled)
      ? [{ cloth, yardage: full.data ?? null, isSettled }, ...others]
      : null,
  );
  const matching = isCompared ? compared.data?.buy?.matching : null;
  return {
    cloth,
    others,
    /** What is shown belongs to what stands on the bench; the other widths too. */
    isSettled,
    isCompared,
    coverOnly: only !== null,
    checks: latest?.checks ?? [],
    coverChecks: answer?.checks ?? [],
    readings: answer?.measures ?? {},
    draft,
    /** What stands there cannot be read: pieces and figures are those from before. */
    isStale: stale,
    isStaleYardage: stale && yardage !== latest,
    yardage,
    priced: yardage?.buy && matching ? { ...yardage, buy: { ...yardage.buy, matching } } : yardage,
    drawn: yardage && longer.live ? { ...yardage, ...longer.live, offcuts: [], cuts: [] } : yardage,
    widths: compared.data?.widths ?? [],
    matchings: (isCompared && compared.data?.matchings) || {},
    longer: isSettled && only === null ? longer : null,
    asked: isSettled && !full.data?.example ? compared.body : null,
  };
}

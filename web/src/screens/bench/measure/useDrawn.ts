import type { Check, Shape, Unit } from "../../../api/client";
import type { Cover } from "../../../model/cover/cover";
import { isWrong } from "../../../model/cover/readings";
import { withExamples } from "../../../model/cover/shape";
import { useLastGood } from "../../../queries/figures/useLastGood";

/** The cover to draw: as it is typed while all of it can be read, else as it last could be, else with examples for what cannot. */
export function useDrawn(
  cover: Cover,
  coverId: string,
  shape: Shape | null,
  checks: Check[],
  /** The checks are of what stands there, and not of what stood there before the last key. */
  settled: boolean,
  unit: Unit,
): Cover {
  const wrong = Object.keys(cover.measures).filter((name) => isWrong(name, cover, checks));
  const good = useLastGood(
    `${coverId}.${cover.form}.${cover.shape}`,
    settled && wrong.length === 0 ? cover : null,
  );
  const readable = Object.fromEntries(
    Object.entries(cover.measures).filter(([name]) => !wrong.includes(name)),
  );
  const drawn = wrong.length === 0 ? cover : (good ?? { ...cover, measures: readable });
  return shape ? withExamples(shape, drawn, unit) : drawn;
}

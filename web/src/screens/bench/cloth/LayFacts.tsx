import type { Yardage } from "../../../api/client";
import { joins } from "../../../model/words/words";
import { LookLonger } from "./LookLonger";
import type { Longer } from "../../../queries/figures/useLookLonger";

const seams = (count: number) => (count === 1 ? "one seam" : `${count} seams`);

/** What there is to say of a lay: how much of it is waste, whether it could be shorter, and looking on. */
export function LayFacts({ yardage, longer }: { yardage: Yardage; longer: Longer | null }) {
  const { lay, buy, meets = [] } = yardage;
  return lay && buy ? (
    <p className="lay-facts">
      {yardage.pieces.reduce((sum, piece) => sum + piece.copies, 0)} pieces,{" "}
      {yardage.joins > 0 ? `${joins(yardage.joins)} forced by the width` : "no joins"},{" "}
      {Math.round(buy.waste * 100)} % in no piece.{" "}
      {lay.proved
        ? "No lay can be shorter: that is proved."
        : `No lay is shorter than ${Math.floor((lay.bound / lay.length) * 100)} % of it.`}{" "}
      {meets.length > 0 &&
        (meets.every(({ holds }) => holds)
          ? `The pattern meets at ${seams(meets.length)}. `
          : `The pattern meets at ${meets.filter(({ holds }) => holds).length} of ${seams(meets.length)}. `)}
      {longer && <LookLonger longer={longer} proved={lay.proved} />}
    </p>
  ) : null;
}

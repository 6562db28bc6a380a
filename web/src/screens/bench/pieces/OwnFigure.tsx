import type { Cover } from "../../../model/cover/cover";
import type { Unit } from "../../../api/client";
import { useClothsOf } from "../../../queries/figures/useClothsOf";
import { OwnFigureField } from "../judgement/OwnFigureField";
import { draftRequest } from "../../../queries/figures/useFoldUp";

interface Props {
  cover: Cover;
  unit: Unit;
  houseRules: Record<string, string>;
  /** The number it is held against, named as in the working. */
  number: string;
}

/** The maker's own figure for one number of a cover. */
export function OwnFigure({ cover, unit, houseRules, number }: Props) {
  const cloths = useClothsOf(cover);
  return (
    <OwnFigureField
      label="Your figure"
      placeholder="as on paper"
      against={{
        cover: draftRequest(cover, unit, houseRules, cloths),
        yardage: null,
        cloth: null,
        for: number,
      }}
    />
  );
}

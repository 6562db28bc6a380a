import type { Cover } from "../../../model/cover";
import type { Unit } from "../../../api/client";
import { useBench } from "../../../model/benchStore";
import { clothsByKey } from "../../../model/document";
import { OwnFigureField } from "../judgement/OwnFigureField";
import { draftRequest } from "../../../queries/useFoldUp";

interface Props {
  cover: Cover;
  unit: Unit;
  houseRules: Record<string, string>;
  /** The number it is held against, named as in the working. */
  number: string;
}

/** The maker's own figure for one number of a cover. */
export function OwnFigure({ cover, unit, houseRules, number }: Props) {
  const document = useBench((state) => state.document);
  const cloths = document && Object.keys(cover.roles).length > 0 ? clothsByKey(document) : null;
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

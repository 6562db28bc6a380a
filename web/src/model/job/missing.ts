import type { Catalogue } from "../../api/client";
import { nameOf, type CoverEntry, type JobDocument } from "./document";
import { missingList, missingMeasures, missingParts, shapeOf } from "../cover/shape";

/** What has still to be measured of a job, a cover each: “Companionway step: height, depth”. */
export function missingOf(document: JobDocument, catalogue: Catalogue): string[] {
  return document.covers.flatMap((entry) => {
    const missing = missingOfCover(entry, catalogue);
    return missing.length > 0 ? [`${nameOf(document, entry)}: ${missing.join(", ")}`] : [];
  });
}

function missingOfCover({ cover }: CoverEntry, catalogue: Catalogue): string[] {
  const shape = shapeOf(catalogue, cover);
  if (!shape) {
    return ["what it is"];
  }

  const parts = missingParts(shape, cover);
  const list = missingList(shape, cover);
  return [
    ...missingMeasures(shape, cover).map(({ label }) => label.toLowerCase()),
    ...(list ? [listWords[list] ?? list] : []),
    ...(parts > 0 ? [parts === 1 ? "a part" : `${parts} parts`] : []),
  ];
}

const listWords: Record<string, string> = {
  points: "its outline",
  stations: "its stations",
  zones: "its parts",
};

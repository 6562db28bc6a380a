import { useMemo, type ReactNode } from "react";
import { useParams } from "react-router";
import type { Catalogue, Draft } from "../../api/client";
import { lettersOf } from "../../model/cover/codes";
import { documentOf, isForInside, type CoverEntry, type JobDocument } from "../../model/job/document";
import { isMeasured, shapeOf } from "../../model/cover/shape";
import { useCatalogue } from "../../queries/server/useCatalogue";
import { useHouse } from "../../queries/saving/useHouse";
import { useStoredJob } from "../../queries/job/useStoredJob";
import { useYardages, type ClothYardage } from "../../queries/figures/useYardage";
import { Nowhere } from "../../ui/trouble/Nowhere";

/** A stored job as a sheet shows it. */
export interface PaperJob {
  id: string;
  document: JobDocument;
  catalogue: Catalogue;
  cloths: ClothYardage[];
  /** The letters of its covers. */
  letters: Record<string, string>;
  /** The covers that are measured and can be made, each with its draft. */
  complete: { entry: CoverEntry; draft: Draft }[];
  unfinished: CoverEntry[];
}

/** Waits for a stored job and its drafts, and gives them to its sheet; says so where there is none. */
export function JobOnPaper({ children }: { children: (job: PaperJob) => ReactNode }) {
  const { id = "" } = useParams();
  const catalogue = useCatalogue();
  const house = useHouse();
  const job = useStoredJob(id, "cutting-sheet");
  const document = useMemo(() => (job.data ? documentOf(job.data) : null), [job.data]);
  const cloths = useYardages(document, null, catalogue.data, house.data?.rules);
  if (job.data === null) {
    return <Nowhere text="There is no such job, or it was deleted." />;
  }

  if (job.trouble) {
    return <Nowhere text={job.trouble} isTriedAgain />;
  }

  if (!job.data || !document || !catalogue.data || cloths.some(({ yardage }) => !yardage)) {
    return <main aria-busy="true">Working it out…</main>;
  }

  const draftOf = (entry: CoverEntry) =>
    cloths
      .filter(({ cloth }) => !isForInside(cloth))
      .map(({ yardage }) => yardage?.covers[entry.id]?.draft)
      .find(Boolean);
  const complete: PaperJob["complete"] = [];
  const unfinished: CoverEntry[] = [];
  for (const entry of document.covers) {
    const [shape, draft] = [shapeOf(catalogue.data, entry.cover), draftOf(entry)];
    if (shape && isMeasured(shape, entry.cover) && draft) {
      complete.push({ entry, draft });
    } else {
      unfinished.push(entry);
    }
  }

  return children({
    id,
    document,
    catalogue: catalogue.data,
    cloths,
    letters: lettersOf(job.data),
    complete,
    unfinished,
  });
}

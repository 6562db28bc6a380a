import type { Catalogue } from "../../api/client";
import { CoverPicture } from "../../drawing/things/CoverPicture";
import type { JobDocument } from "../../model/job/document";
import { isMeasured, shapeOf, withExamples } from "../../model/cover/shape";

const most = 3;
const picture = { width: 62, height: 46 };

interface Props {
  document: JobDocument | null;
  catalogue: Catalogue | undefined;
}

/** The first things of a job as their covers stand; pale where they are not measured yet. */
export function JobThings({ document, catalogue }: Props) {
  return (
    <span className="job-things" aria-hidden="true">
      {catalogue &&
        document?.covers.slice(0, most).map(({ id, cover }) => {
          const shape = shapeOf(catalogue, cover);
          return (
            shape && (
              <CoverPicture
                key={id}
                cover={withExamples(shape, cover, document.heading.unit)}
                unit={document.heading.unit}
                size={picture}
                pale={!isMeasured(shape, cover)}
              />
            )
          );
        })}
    </span>
  );
}

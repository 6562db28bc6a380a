import { skipToken, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, type JobLine } from "../../api/client";
import { CoverPicture } from "../../drawing/CoverPicture";
import { documentOf } from "../../model/document";
import { isMeasured, shapeOf, withExamples } from "../../model/shape";
import { useCatalogue } from "../../queries/useCatalogue";
import { useSeen } from "../../ui/useSeen";

const most = 3;
const picture = { width: 62, height: 46 };

/** The first things of a job as their covers stand, drawn when the row comes into sight; pale where they are not measured yet. */
export function JobThings({ job }: { job: JobLine }) {
  const [seen, setSeen] = useState(false);
  const ref = useSeen<HTMLSpanElement>(() => setSeen(true));
  const catalogue = useCatalogue().data;
  const { data } = useQuery({
    queryKey: ["job-things", job.id, job.updated],
    staleTime: Infinity,
    retry: false,
    queryFn:
      seen && job.covers > 0
        ? async ({ signal }) =>
            (await api.GET("/api/jobs/{id}", { params: { path: { id: job.id } }, signal })).data ?? null
        : skipToken,
  });
  const document = data ? documentOf(data) : null;
  return (
    <span className="job-things" ref={ref} aria-hidden="true">
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

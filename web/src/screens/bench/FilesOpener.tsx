import { Button } from "antd";
import { useState } from "react";
import { useBench } from "../../model/job/benchStore";
import { useCatalogue } from "../../queries/server/useCatalogue";
import { takeFile, takeJob } from "../../queries/job/jobFiles";
import "./opener.css";

/** Everything of the job that can be taken away as a file, in one place. */
export function FilesOpener({ jobId }: { jobId: string }) {
  const offered = useCatalogue().data?.files ?? [];
  const [open, setOpen] = useState(false);
  const [said, setSaid] = useState("");
  const take = async (what: string, format: string) => {
    setSaid("One moment…");
    setSaid(await takeFile(jobId, what, format));
  };
  const takeWhole = async () => {
    setSaid("One moment…");
    setSaid(await takeJob(jobId, useBench.getState().document?.heading.name ?? ""));
  };
  return (
    <span className="opener">
      <Button aria-expanded={open} onClick={() => setOpen(!open)}>
        Files
      </Button>
      {open && (
        <div className="opened" role="dialog" aria-label="Files">
          <strong>Take it away as a file</strong>
          <div className="files-offered">
            {offered.map(({ what, label, formats }) => (
              <FileRow key={what} what={what} label={label} formats={formats} onTake={take} />
            ))}
            <span>The whole job</span>
            <span className="formats">
              <Button aria-label="The whole job as JSON" onClick={() => void takeWhole()}>
                JSON
              </Button>
            </span>
          </div>
          <p role="status">{said}</p>
        </div>
      )}
    </span>
  );
}

interface RowProps {
  what: string;
  label: string;
  formats: string[];
  onTake: (what: string, format: string) => Promise<void>;
}

function FileRow({ what, label, formats, onTake }: RowProps) {
  return (
    <>
      <span>{label}</span>
      <span className="formats">
        {formats.map((format) => (
          <Button
            key={format}
            aria-label={`${label} as ${format.toUpperCase()}`}
            onClick={() => void onTake(what, format)}
          >
            {format.toUpperCase()}
          </Button>
        ))}
      </span>
    </>
  );
}

import { Button } from "antd";
import { useState } from "react";
import { Link } from "react-router";
import { api } from "../../api/client";
import { saidOf } from "../../queries/server/faults";
import { takeSheetFile } from "../../queries/job/takeSheetFile";
import "./opener.css";
import { FilePick } from "../../ui/FilePick";

/** Opens the measuring sheet for a phone, prints it, or takes in a sheet's file. */
export function SheetOpener({ jobId }: { jobId: string }) {
  const [open, setOpen] = useState(false);
  const [sheet, setSheet] = useState<{ address: string; code: string; reachable: boolean } | null>(null);
  const [problem, setProblem] = useState("");
  const [taken, setTaken] = useState("");
  const show = async () => {
    setOpen(!open);
    if (!open && !sheet) {
      try {
        const { data } = await api.POST("/api/jobs/{id}/sheet", { params: { path: { id: jobId } } });
        setSheet(data ?? null);
        setProblem(data ? "" : "The sheet could not be opened: is the job saved?");
      } catch (error) {
        setProblem(saidOf(error, "The workroom’s computer does not answer: no sheet was opened."));
      }
    }
  };
  return (
    <span className="opener">
      <Button aria-expanded={open} onClick={() => void show()}>
        Sheet
      </Button>
      {open && (
        <div className="opened sheet-code" role="dialog" aria-label="Measuring sheet">
          <strong>Measuring sheet for a phone</strong>
          {sheet && (
            <>
              <img
                alt="Code to photograph with the phone"
                src={`data:image/svg+xml;utf8,${encodeURIComponent(sheet.code)}`}
              />
              <p>
                <a href={sheet.address}>{sheet.address}</a>
              </p>
              <p>
                {sheet.reachable
                  ? "It opens this job’s measures and nothing else, for one day."
                  : "Only this computer reaches it. Start with --listen 0.0.0.0:5190 to let a phone in."}
              </p>
            </>
          )}
          <p>
            <Link to={`/jobs/${jobId}/measuring-sheet`}>Print it, blank or filled</Link>
          </p>
          <FilePick
            button="Take in a sheet’s file"
            label="A sheet’s file"
            accept=".json"
            onPick={(file) => void takeSheetFile(file).then(setTaken)}
          />{" "}
          <Button
            onClick={() => {
              void api.DELETE("/api/jobs/{id}/sheet", { params: { path: { id: jobId } } });
              setSheet(null);
              setOpen(false);
            }}
          >
            Close the sheet
          </Button>
          {problem && <p role="alert">{problem}</p>}
          <p role="status">{taken}</p>
        </div>
      )}
    </span>
  );
}

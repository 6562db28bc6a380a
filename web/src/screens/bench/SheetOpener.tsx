import { Button } from "antd";
import { useState } from "react";
import { Link } from "react-router";
import { api } from "../../api/client";
import { editCover, useBench } from "../../model/benchStore";
import "./opener.css";
import { FilePick } from "../../ui/FilePick";

interface SheetFileContent {
  wrapperSheet?: number;
  covers?: { id: string; entries: { measure: string; note: boolean; text: string }[] }[];
}

/** Opens the measuring sheet for a phone, prints it, or takes in a sheet's file. */
export function SheetOpener({ jobId }: { jobId: string }) {
  const [open, setOpen] = useState(false);
  const [sheet, setSheet] = useState<{ address: string; code: string; reachable: boolean } | null>(null);
  const [said, setSaid] = useState("");
  const show = async () => {
    setOpen(!open);
    if (!open && !sheet) {
      try {
        const { data } = await api.POST("/api/jobs/{id}/sheet", { params: { path: { id: jobId } } });
        setSheet(data ?? null);
        setSaid(data ? "" : "The sheet could not be opened: is the job saved?");
      } catch {
        setSaid("The workroom’s computer does not answer: no sheet was opened.");
      }
    }
  };
  const takeIn = async (file: File) => {
    try {
      const content = JSON.parse(await file.text()) as SheetFileContent;
      if (content.wrapperSheet !== 1 || !Array.isArray(content.covers)) {
        throw new Error("not a sheet");
      }

      setSaid(`${putIn(content.covers)} fields taken in.`);
    } catch {
      setSaid("This is no measuring sheet’s file: nothing was taken in.");
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
            onPick={(file) => void takeIn(file)}
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
          <p role="status">{said}</p>
        </div>
      )}
    </span>
  );
}

/** Puts a file's fields into the covers they belong to; a figure that differs from one already there becomes a second reading. */
function putIn(covers: NonNullable<SheetFileContent["covers"]>): number {
  const { document, choose, currentId } = useBench.getState();
  let fields = 0;
  for (const { id, entries } of covers) {
    if (!document?.covers.some((entry) => entry.id === id)) {
      continue;
    }

    choose(id);
    editCover("sheet", (cover) => {
      const taken = {
        ...cover,
        measures: { ...cover.measures },
        notes: { ...cover.notes },
        secondReadings: { ...cover.secondReadings },
      };
      for (const { measure, note, text } of entries) {
        fields++;
        if (note) {
          taken.notes[measure] = text;
        } else if (taken.measures[measure] && taken.measures[measure] !== text) {
          taken.secondReadings[measure] = text;
        } else {
          taken.measures[measure] = text;
        }
      }

      return taken;
    });
  }

  if (currentId) {
    choose(currentId);
  }

  return fields;
}

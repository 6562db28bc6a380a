import { Button, Segmented } from "antd";
import { Link } from "react-router";
import type { Unit } from "../../api/client";
import { useCatalogue } from "../../queries/server/useCatalogue";
import { useSaving } from "../../queries/saving/autosave";
import { editHeading, useBench } from "../../model/job/benchStore";
import { inUnit } from "../../model/job/switchUnit";
import { FilesOpener } from "./FilesOpener";
import { SheetOpener } from "./SheetOpener";

const words = {
  saved: "Saved",
  saving: "Saving…",
  waiting: "Not saved: trying again",
  conflict: "Changed elsewhere",
};

/** Whose job it is, the unit, going back, and whether all is saved. */
export function BenchHeader() {
  const heading = useBench((state) => state.document?.heading);
  const jobId = useBench((state) => state.jobId) ?? "";
  const canUndo = useBench((state) => state.past.length > 0);
  const canRedo = useBench((state) => state.future.length > 0);
  const { undo, redo } = useBench.getState();
  const lengths = new Set(useCatalogue().data?.rules.map((rule) => rule.name));
  const saving = useSaving((state) => state.state);
  if (!heading) {
    return null;
  }

  const field = (name: "name" | "client" | "place", label: string, placeholder: string) => (
    <input
      className={`heading-${name}`}
      aria-label={label}
      placeholder={placeholder}
      maxLength={200}
      size={Math.max(8, (heading[name] || placeholder).length)}
      value={heading[name]}
      onChange={(event) => editHeading({ [name]: event.target.value })}
    />
  );
  return (
    <header className="bench-header">
      <Link to="/" className="to-jobs" aria-label="All jobs">
        ← Jobs
      </Link>
      <h1>{field("name", "Job name", "Name this job")}</h1>
      {field("client", "Client", "for whom")}
      {field("place", "Place", "where it goes")}
      <span className="header-right">
        <Segmented
          size="small"
          aria-label="Unit"
          value={heading.unit}
          options={[
            { value: "in", label: "inches" },
            { value: "cm", label: "cm" },
            { value: "mm", label: "mm" },
          ]}
          onChange={(unit) =>
            useBench
              .getState()
              .edit("heading.unit", (document) =>
                inUnit(document, unit as Unit, (name) => lengths.has(name) || name.startsWith("fit.")),
              )
          }
        />
        <SheetOpener jobId={jobId} />
        <FilesOpener jobId={jobId} />
        <Button href="/tape" target="wrapper-tape" rel="opener">
          Tape
        </Button>
        <Button
          aria-label="Keys"
          title="The keys, and what words mean (?)"
          onClick={() => window.dispatchEvent(new Event("wrapper:keys"))}
        >
          ?
        </Button>
        <Button disabled={!canUndo} onClick={undo} title="Undo (Ctrl+Z)">
          Undo
        </Button>
        <Button disabled={!canRedo} onClick={redo} title="Redo (Ctrl+Shift+Z)">
          Redo
        </Button>
        <span className={`saving ${saving}`} role="status">
          {words[saving]}
        </span>
      </span>
    </header>
  );
}

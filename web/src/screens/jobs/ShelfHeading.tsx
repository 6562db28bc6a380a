import { Input, Segmented } from "antd";
import { FilePick } from "../../ui/FilePick";

/** Which jobs of the shelf are shown, and in which order. */
export interface ShelfView {
  sought: string;
  which: string;
  sort: string;
}

interface Props {
  view: ShelfView;
  onView: (view: ShelfView) => void;
  onTake: (file: File) => void;
}

/** The head of the shelf: taking a job in, finding one, sorting. */
export function ShelfHeading({ view, onView, onTake }: Props) {
  return (
    <>
      <div className="shelf-heading">
        <h2>An old job again: the shelf</h2>
        <FilePick
          button="Take in a job file"
          label="A job file"
          accept=".json,application/json"
          onPick={onTake}
        />
        <a className="copy-of-all" href="/api/backup" download>
          A copy of everything
        </a>
        <Input
          type="search"
          aria-label="Find a job"
          placeholder="find by name, client or place"
          value={view.sought}
          onChange={(event) => onView({ ...view, sought: event.target.value })}
        />
      </div>
      <div className="shelf-view">
        <Segmented
          aria-label="Which jobs"
          value={view.which}
          options={[
            { value: "", label: "all" },
            { value: "measure", label: "to measure" },
            { value: "cut", label: "ready to cut" },
            { value: "archived", label: "put away" },
          ]}
          onChange={(which) => onView({ ...view, which })}
        />
        <Segmented
          aria-label="Sorted by"
          value={view.sort}
          options={[
            { value: "worked", label: "last worked on" },
            { value: "name", label: "name" },
            { value: "client", label: "client" },
          ]}
          onChange={(sort) => onView({ ...view, sort })}
        />
      </div>
    </>
  );
}

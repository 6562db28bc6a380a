import { Button } from "antd";
import type { Yardage } from "../../api/client";
import {
  addCover,
  chooseThing,
  editCover,
  removeCover,
  useBench,
  useCurrentCover,
} from "../../model/job/benchStore";
import { calledByThing, nameOf } from "../../model/job/document";

/** The covers of the job, side by side: choose one, name it, add another, one more like it, take one off. */
export function CoverTabs({ yardages }: { yardages: (Yardage | null)[] }) {
  const document = useBench((state) => state.document);
  const current = useCurrentCover();
  const { choose } = useBench.getState();
  const laid = new Set(
    yardages.flatMap((yardage) =>
      !yardage || yardage.example ? [] : yardage.pieces.map((piece) => piece.cover),
    ),
  );
  if (!document) {
    return null;
  }

  return (
    <nav className="cover-tabs" aria-label="Covers of this job">
      {document.covers.map((entry) =>
        entry.id === current?.id ? (
          <span key={entry.id} className="cover-tab current">
            <input
              aria-label="Name of this cover"
              placeholder={calledByThing(document, entry)}
              maxLength={200}
              size={Math.max(10, nameOf(document, entry).length)}
              value={entry.cover.name}
              onChange={(event) => editCover("name", (cover) => ({ ...cover, name: event.target.value }))}
            />
            <span className="cover-count">{entry.cover.count} alike</span>
          </span>
        ) : (
          <button type="button" key={entry.id} className="cover-tab" onClick={() => choose(entry.id)}>
            {nameOf(document, entry)}{" "}
            <span className="cover-count">
              {laid.has(entry.id) ? `${entry.cover.count} alike` : "unfinished"}
            </span>
          </button>
        ),
      )}
      <Button onClick={() => chooseThing("new")}>+ Cover</Button>
      {current && (
        <>
          <Button
            onClick={() =>
              addCover({ ...current.cover, name: current.cover.name && `${current.cover.name}, another` })
            }
          >
            One more like this
          </Button>
          <Button onClick={() => removeCover(current.id)}>Take off</Button>
        </>
      )}
    </nav>
  );
}

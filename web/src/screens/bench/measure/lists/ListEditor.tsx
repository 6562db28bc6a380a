import type { Cover } from "../../../../model/cover";
import { Segmented } from "antd";
import { useState } from "react";
import type { Check } from "../../../../api/client";
import { editCover } from "../../../../model/benchStore";
import { ChecksFor } from "../../../../ui/ChecksFor";
import { ImportOutline } from "./ImportOutline";
import { RowsEditor } from "./RowsEditor";
import { lists, pointsFromBaseline, rowsOf, type ListRow } from "../../../../model/columns";
import "./lists.css";

/** Writes a list of the cover; with a base line the corners that follow from it are written too. */
function editList(name: string, rows: ListRow[]) {
  editCover(`lists.${name}`, (cover) => ({
    ...cover,
    lists: {
      ...cover.lists,
      [name]: rows,
      ...(name === "baseline" ? { points: pointsFromBaseline(rows) } : {}),
    },
  }));
}

/** What of a thing is measured row by row: its corners, widths, zones, what stands in the way. */
export function ListEditor({ cover, list, checks }: { cover: Cover; list: string; checks: Check[] }) {
  const [way, setWay] = useState<string>(cover.lists.baseline ? "baseline" : list);
  const asked = list === "points" ? way : list;
  const known = lists[asked];
  if (!known) {
    return null;
  }

  return (
    <div className={`list-editor list-${list}`}>
      {list === "points" && (
        <div className="list-ways">
          <Segmented
            size="small"
            aria-label="How the outline is measured"
            value={way}
            options={[
              { value: "points", label: "corners" },
              { value: "baseline", label: "off a base line" },
            ]}
            onChange={setWay}
          />
          <ImportOutline onTaken={() => setWay("points")} />
        </div>
      )}
      <p className="list-guidance">{known.guidance}</p>
      <RowsEditor
        label={`The ${known.row}s`}
        row={known.row}
        columns={known.columns}
        rows={rowsOf(cover.lists[asked], known.columns)}
        onChange={(rows) => editList(asked, rows)}
      />
      <ChecksFor checks={checks.filter((check) => check.measure === list)} />
    </div>
  );
}

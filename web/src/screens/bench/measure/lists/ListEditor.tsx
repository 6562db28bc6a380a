import type { Cover } from "../../../../model/cover/cover";
import { Segmented } from "antd";
import { useState } from "react";
import type { Check, ReadMeasure, Unit } from "../../../../api/client";
import { editCover } from "../../../../model/job/benchStore";
import { ChecksFor } from "../../../../ui/checks/ChecksFor";
import { ImportOutline } from "./ImportOutline";
import { OutlinePlan } from "./OutlinePlan";
import { RowsEditor } from "./RowsEditor";
import { lists, pointsFromBaseline, rowsOf, type ListRow } from "../../../../model/cover/columns";
import { cornersFrom } from "../../../../model/pieces/outlinePlan";
import { useLastGood } from "../../../../queries/figures/useLastGood";
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

interface Props {
  cover: Cover;
  list: string;
  unit: Unit;
  checks: Check[];
  readings: Record<string, ReadMeasure>;
}

/** What of a thing is measured row by row: its corners, widths, zones, what stands in the way. An outline stands beside its plan. */
export function ListEditor({ cover, list, unit, checks, readings }: Props) {
  const [lit, setLit] = useState<number | null>(null);
  const [way, setWay] = useState<string>(cover.lists.baseline ? "baseline" : list);
  const asked = list === "points" ? way : list;
  const known = lists[asked];
  const points = rowsOf(cover.lists["points"], lists["points"]?.columns ?? []);
  const corners = useLastGood(
    list,
    list === "points" && points.length > 1
      ? cornersFrom(points.length, (name) => readings[name]?.value)
      : null,
  );
  if (!known) {
    return null;
  }

  const editor = (
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
        columns={known.columns.filter((column) => !column.isAside)}
        rows={rowsOf(cover.lists[asked], known.columns)}
        onChange={(rows) => editList(asked, rows)}
        onRow={setLit}
      />
      <ChecksFor checks={checks.filter((check) => check.measure === list)} />
    </div>
  );
  if (list !== "points") {
    return editor;
  }

  return (
    <div className="outline-editor">
      {editor}
      {corners && points.length > 1 ? (
        <OutlinePlan
          corners={corners}
          unit={unit}
          lit={asked === "points" ? lit : null}
          isOffBaseline={asked === "baseline"}
          onTake={(at) => {
            setLit(at);
            document.querySelector<HTMLElement>(`[data-cell="${at}.0"]`)?.focus();
          }}
          onMove={(at, change) =>
            editList(
              "points",
              points.map((point, i) => (i === at ? { ...point, ...change } : point)),
            )
          }
        />
      ) : (
        <p className="outline-plan">The outline is drawn here from its second corner on.</p>
      )}
    </div>
  );
}

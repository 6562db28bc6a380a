import { Input, Segmented, Switch } from "antd";
import type { Check } from "../../../api/client";
import { editCloth } from "../../../model/job/benchCloth";
import {
  clothSides,
  emptyEdges,
  type Cloth,
  type ClothEdge,
  type ClothSide,
} from "../../../model/cloth/cloth";
import { ClothText } from "./ClothText";

const sideLabels: Record<ClothSide, string> = {
  left: "left side",
  right: "right side",
  start: "near end",
  end: "far end",
};

/** A cloth that comes ready made: how long it is, and what each of its edges is. */
export function ReadyMadeFields({ cloth, checks }: { cloth: Cloth; checks: Check[] }) {
  const edges = cloth.edges;
  const change = (side: ClothSide, by: Partial<ClothEdge>) =>
    editCloth(
      { edges: { ...(edges ?? emptyEdges), [side]: { ...(edges ?? emptyEdges)[side], ...by } } },
      `edges.${side}.${Object.keys(by).join()}`,
    );
  return (
    <>
      <span>A sheet or a towel comes in one size, with edges of its own. Measure it after washing.</span>
      <ClothText
        cloth={cloth}
        checks={checks}
        name="length"
        label="long, end to end"
        usual="off a roll"
        width={110}
      />
      {clothSides.map((side) => (
        <div key={side} className="ready-edge" role="group" aria-label={sideLabels[side]}>
          <span>{sideLabels[side]}</span>
          <Segmented<ClothEdge["kind"]>
            size="small"
            aria-label={`${sideLabels[side]} is`}
            value={(edges ?? emptyEdges)[side].kind}
            options={["hem", "selvage", "raw"]}
            onChange={(kind) => change(side, { kind })}
          />
          <Input
            size="small"
            aria-label={`${sideLabels[side]}, how deep`}
            placeholder="deep"
            style={{ width: 64 }}
            value={(edges ?? emptyEdges)[side].depth}
            status={checks.some((check) => check.measure === `cloth.edges.${side}`) ? "error" : ""}
            onChange={(event) => change(side, { depth: event.target.value })}
          />
          <Switch
            size="small"
            aria-label={`${sideLabels[side]} stays on the piece`}
            checkedChildren="kept"
            unCheckedChildren="cut off"
            checked={(edges ?? emptyEdges)[side].keep === "true"}
            onChange={(keep) => change(side, { keep: String(keep) })}
          />
        </div>
      ))}
    </>
  );
}

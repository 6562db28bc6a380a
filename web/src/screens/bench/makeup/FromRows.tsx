import type { Cover } from "../../../model/cover/cover";
import { Input } from "antd";
import { editText } from "../../../model/job/benchStore";
import { Row } from "./ChoiceRow";
import { PaddingField } from "./PaddingField";

/** What belongs to what was measured: wadding still to be added, how far an old cover shrank. */
export function FromRows({ cover, wrong }: { cover: Cover; wrong: boolean }) {
  if (cover.measuredFrom === "filling") {
    return <PaddingField cover={cover} wrong={wrong} />;
  }

  return cover.measuredFrom === "old-cover" ? (
    <Row label="It shrank (along, across)">
      <span className="pair">
        <Input
          size="small"
          aria-label="Shrinkage along"
          placeholder="0 %"
          value={cover.rules["shrinkage.along"] ?? ""}
          onChange={(event) => editText("rules", "shrinkage.along", event.target.value)}
        />
        <Input
          size="small"
          aria-label="Shrinkage across"
          placeholder="0 %"
          value={cover.rules["shrinkage.across"] ?? ""}
          onChange={(event) => editText("rules", "shrinkage.across", event.target.value)}
        />
      </span>
    </Row>
  ) : null;
}

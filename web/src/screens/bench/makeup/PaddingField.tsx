import type { Cover } from "../../../model/cover/cover";
import { Input, Select } from "antd";
import { editCover } from "../../../model/job/benchStore";
import { wadding } from "../../../model/cover/choices";

/** Padding that is to be glued on before the cover: how thick, and on which faces. */
export function PaddingField({ cover, wrong }: { cover: Cover; wrong: boolean }) {
  const layer = cover.padding[0] ?? { thickness: "", how: "top-and-bottom", turns: "1" };
  const change = (part: Partial<typeof layer>) =>
    editCover("padding", (before) => ({
      ...before,
      padding: part.thickness === "" ? [] : [{ ...layer, ...part }],
    }));
  return (
    <div className="makeup-row">
      <span className="rule-label">Padding to add</span>
      <span className="pair">
        <Input
          size="small"
          aria-label="Padding thickness"
          placeholder="none"
          value={layer.thickness}
          status={wrong ? "error" : ""}
          onChange={(event) => change({ thickness: event.target.value })}
        />
        {cover.padding.length > 0 && (
          <Select
            size="small"
            aria-label="Padding lies"
            value={layer.how}
            options={[...wadding]}
            onChange={(how) => change({ how })}
          />
        )}
      </span>
    </div>
  );
}

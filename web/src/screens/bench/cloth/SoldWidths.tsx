import type { Unit } from "../../../api/client";
import { editCloth } from "../../../model/job/benchCloth";
import type { Cloth } from "../../../model/cloth/cloth";
import type { ListRow } from "../../../model/cover/columns";
import { RowsEditor } from "../measure/lists/RowsEditor";
import { emptySold, soldColumns } from "./clothParts";

/** The widths a cloth is sold in and what each costs: only these are compared, and none without a price has money beside it. */
export function SoldWidths({ cloth, unit }: { cloth: Cloth; unit: Unit }) {
  return (
    <>
      <span>
        Only these widths are compared, each at its own price of a {unit === "in" ? "yard" : "metre"}: no
        price, no money.
      </span>
      <RowsEditor
        label="Widths this cloth is sold in"
        row="width"
        columns={soldColumns}
        rows={cloth.soldIn.map((sold): ListRow => ({ ...sold }))}
        onChange={(rows) => editCloth({ soldIn: rows.map((row) => ({ ...emptySold, ...row })) })}
      />
    </>
  );
}

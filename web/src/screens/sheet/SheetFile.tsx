import type { Cover } from "../../model/cover/cover";
import { entriesOf, type Filled } from "../../model/job/sheetFields";
import { saveAsFile } from "../../queries/server/saveAsFile";

interface Props {
  name: string;
  covers: { id: string; cover: Cover }[];
  filled: Filled;
  waiting: number;
}

/** If the connection never comes back: everything filled in, as a file that the bench takes in. */
export function SheetFile({ name, covers, filled, waiting }: Props) {
  const save = () => {
    const file = {
      wrapperSheet: 1,
      job: name,
      covers: covers.map(({ id, cover }) => ({ id, name: cover.name, entries: entriesOf(filled[id] ?? {}) })),
    };
    saveAsFile(`${name || "measures"}.sheet.json`, JSON.stringify(file, null, 2));
  };
  return waiting > 0 ? (
    <button type="button" className="phone-file" onClick={save}>
      Save what is not sent as a file
    </button>
  ) : null;
}

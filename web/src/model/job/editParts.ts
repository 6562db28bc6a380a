import { editCover } from "./benchStore";
import type { ListRow } from "../cover/columns";
import { zoneRows } from "../cover/parts";

/** Writes the parts of the cover on the bench anew. */
export function rewriteParts(tag: string, make: (rows: ListRow[]) => ListRow[]) {
  editCover(`lists.zones.${tag}`, (cover) => ({
    ...cover,
    lists: {
      ...cover.lists,
      zones: make(zoneRows(cover)),
    },
  }));
}

/** Changes one field of one part. */
export function editPart(at: number, name: string, value: ListRow[string]) {
  rewriteParts(`${at}.${name}`, (rows) => rows.map((row, i) => (i === at ? { ...row, [name]: value } : row)));
}

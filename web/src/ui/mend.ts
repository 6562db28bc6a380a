import { editCover, editText } from "../jobs/benchStore";

/** Puts a mend into the cover on the bench: the same change a person would make by hand, and undone the same way. */
export function applyMend({ path, value }: { path: string; value: string }) {
  const [group, ...rest] = path.split(".");
  if (group === "options" || group === "rules" || group === "measures" || group === "secondReadings") {
    editText(group, rest.join("."), value);
  } else if (group === "construction") {
    editCover("construction", (cover) => ({ ...cover, construction: value }));
  }
}

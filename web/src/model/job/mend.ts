import { editCover, editText } from "./benchStore";
import { editPart } from "./editParts";
import { giveCloth, pieceRole } from "./roles";

interface Written {
  path: string;
  value: string;
}

/** Puts a mend into the cover on the bench: the same change a person would make by hand, and undone the same way. */
export function applyMend({ path, value, also = [] }: Written & { also?: Written[] }) {
  for (const written of [{ path, value }, ...also]) {
    write(written);
  }
}

const pieced = "options.pieced.";

function write({ path, value }: Written) {
  const [group, ...rest] = path.split(".");
  if (path === "measures.shape") {
    editCover("shape", (cover) => ({ ...cover, shape: value }));
  } else if (path.startsWith(pieced)) {
    pieceRole(path.slice(pieced.length), null);
  } else if (group === "options" || group === "rules" || group === "measures" || group === "secondReadings") {
    editText(group, rest.join("."), value);
  } else if (group === "roles") {
    giveCloth(rest.join("."), value ? [value] : []);
  } else if (group === "construction") {
    editCover("construction", (cover) => ({ ...cover, construction: value }));
  } else if (group === "zones") {
    editPart(Number(rest[0]), rest[1] ?? "", value);
  } else if (group === "points") {
    const points = value.split(";").map((point) => point.split(",").map((part) => part.trim()));
    editCover("lists.points", (cover) => ({ ...cover, lists: { ...cover.lists, points } }));
  }
}

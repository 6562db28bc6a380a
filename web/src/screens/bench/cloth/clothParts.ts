import type { Cloth } from "../../../model/cloth/cloth";
import type { Column } from "../../../model/cover/columns";

/** What there is to say of a cloth besides its name, width and price. */
export type Part = "sold" | "hand" | "pattern" | "laying" | "washing" | "ready" | "flaws" | "remnants";

export const titles: Record<Part, string> = {
  sold: "The widths it is sold in",
  pattern: "Pattern",
  laying: "How it is laid",
  washing: "Washing",
  hand: "How the cloth is",
  ready: "Ready made: a sheet, a towel",
  flaws: "Flaws",
  remnants: "Remnants",
};

export const emptySold = { width: "", price: "" };
export const soldColumns: Column[] = [
  { name: "width", label: "wide", kind: "length" },
  { name: "price", label: "price", kind: "text" },
];
export const emptyFlaw = { from: "", to: "", left: "", right: "" };
export const emptyRemnant = { name: "", width: "", length: "" };
export const flawColumns: Column[] = [
  { name: "from", label: "from", kind: "length" },
  { name: "to", label: "to", kind: "length" },
  { name: "left", label: "left", kind: "length" },
  { name: "right", label: "right", kind: "length" },
];
export const remnantColumns: Column[] = [
  { name: "name", label: "called", kind: "text" },
  { name: "width", label: "across", kind: "length" },
  { name: "length", label: "along", kind: "length" },
];

export const counted = (words: string, count: number) => (count === 0 ? words : `${words} · ${count}`);

export function patternOf(cloth: Cloth): string {
  if (!cloth.repeatLength && !cloth.repeatWidth) {
    return "pattern";
  }

  const repeat = [cloth.repeatLength, cloth.repeatWidth].filter(Boolean).join(" × ");
  return `pattern ${repeat}${cloth.match === "half-drop" ? ", half drop" : ""}${cloth.motif ? ", centred" : ""}`;
}

export function layingOf(cloth: Cloth): string {
  const said = [
    cloth.layers === "fold" ? "on the fold" : "",
    cloth.grain === "either" ? "quarter turns" : "",
    cloth.role === "lining" || cloth.role === "padding" ? cloth.role : "",
    cloth.space ? `${cloth.space} apart` : "",
  ].filter(Boolean);
  return said.length > 0 ? said.join(", ") : "laying";
}

import type { Catalogue } from "../../api/client";

/** A figure of the house that is no length: minutes, labels. */
export type HouseFigure = Catalogue["numberRules"][number];

/** Whose figure stands: what the house said, what its own ticks say, or the usual. */
export type Whose = "the house’s own" | "from your own ticks" | "usual";

/** What is reckoned with when a cover is sewn, in the order of the catalogue. */
export const figuresOfSewing = (catalogue: Catalogue): HouseFigure[] =>
  catalogue.numberRules.filter(({ name }) => name.startsWith("minutes") || name === "labels");

/** The figure that stands, and whose it is. */
export function standing(
  { name, usual }: HouseFigure,
  own: Record<string, string>,
  pace: Record<string, string>,
): { text: string; whose: Whose } {
  if (own[name]) {
    return { text: own[name], whose: "the house’s own" };
  }

  return pace[name]
    ? { text: pace[name], whose: "from your own ticks" }
    : { text: `${Math.round(usual * 100) / 100}`, whose: "usual" };
}

/** A figure as it is kept: a comma is a point. */
export const asKept = (text: string) => text.trim().replace(",", ".");

/** What is wrong with a figure as it was typed; empty for nothing, and for an empty one, which takes it back to the usual. */
export function wrongWith({ name, label, least, most }: HouseFigure, text: string): string {
  const typed = asKept(text);
  if (typed === "") {
    return "";
  }

  const figure = /^\d+(\.\d+)?$/.test(typed) ? Number(typed) : NaN;
  if (Number.isNaN(figure)) {
    return `“${text.trim()}” is no number: type ${label} as 3 or 2.5.`;
  }

  if (figure < least || figure > most) {
    return `${label}: between ${least} and ${most}.`;
  }

  return name === "labels" && !Number.isInteger(figure) ? `${label}: a whole number, as 1.` : "";
}

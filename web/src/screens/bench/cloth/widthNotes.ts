import type { Width } from "../../../api/client";
import { joins } from "../../../model/words/words";

/** What a width does better than the others. */
export const markWords: Record<string, string> = {
  "least-money": "least money",
  "least-cloth": "least cloth",
  "fewest-joins": "fewest joins",
};

/** What a width does to the job, in a few words. */
export function noteOf(width: Width): string {
  const error = width.checks.find((check) => check.level === "error");
  if (error) {
    return "too narrow";
  }

  const figures = [
    joinsOf(width),
    width.waste === null ? "" : `${Math.round(width.waste * 100)} % waste`,
    width.cost === null ? "" : width.cost.toFixed(2),
    ...width.marks.map((mark) => markWords[mark] ?? ""),
  ];
  return figures.filter(Boolean).join(" · ");
}

/** The joins a width forces, and of what. */
export function joinsOf(width: Width): string {
  return [
    ...new Set(width.checks.map((check) => check.brief ?? "")),
    width.joins > 0 ? joins(width.joins) : "no joins",
  ]
    .filter(Boolean)
    .join(", ");
}

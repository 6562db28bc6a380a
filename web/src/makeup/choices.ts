/** What each construction is called at the table. */
export const constructions: Record<string, string> = {
  "boxing-strip": "two plates and a boxing",
  "wrap-notched": "one wrap, corners notched",
  "wrap-folded": "one wrap, corners opened",
  "panels-folded": "two panels, corners opened",
};

export const measuredFrom = [
  { value: "filling", label: "the bare filling" },
  { value: "padded-filling", label: "filling with its wadding" },
  { value: "space", label: "the space it must fill" },
  { value: "old-cover", label: "an old cover" },
] as const;

export const fits = [
  { rule: "fit.width", label: "width" },
  { rule: "fit.depth", label: "depth" },
  { rule: "fit.thickness", label: "thickness" },
] as const;

export const wadding = [
  { value: "top-and-bottom", label: "top and bottom" },
  { value: "top", label: "top only" },
  { value: "front-wrap", label: "round the front" },
  { value: "all-over", label: "all over" },
] as const;

/** The rules and choices that stand in the make-up: checks that hang on one of them are said here. */
export const sources = new Set([
  "seam",
  "zip",
  "zipTurn",
  "pocketLap",
  "pipingLap",
  "cord",
  "joinSeam",
  "zipReach",
  "zipClear",
  "fit.width",
  "fit.depth",
  "fit.thickness",
  "piping",
  "slidePocket",
  "bias",
  "strips",
  "plates",
  "count",
  "padding",
  "construction",
  "measuredFrom",
  "shrinkage.along",
  "shrinkage.across",
]);

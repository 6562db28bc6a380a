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

/** What checks hang on that is said beside the cloth and not in the make-up. */
export const elsewhere = new Set(["corrections", "usableWidth", "nap", "repeat", "form", "shape", "unit"]);

export const wadding = [
  { value: "top-and-bottom", label: "top and bottom" },
  { value: "top", label: "top only" },
  { value: "front-wrap", label: "round the front" },
  { value: "all-over", label: "all over" },
] as const;

/** What checks hang on that is said beside the cloth and not in the make-up. */
export const elsewhere = new Set(["corrections", "usableWidth", "nap", "repeat", "form", "shape", "unit"]);

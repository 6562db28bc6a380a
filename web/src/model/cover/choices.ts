/** What may matter to a maker, each with its word in the open format. */
export const matters = [
  { value: "crisp", label: "crisp and tailored" },
  { value: "least-work", label: "least work" },
  { value: "least-cloth", label: "least cloth" },
  { value: "washed-often", label: "washed often" },
  { value: "on-and-off", label: "on and off easily" },
  { value: "outdoors", label: "outdoors" },
  { value: "both-sides", label: "both sides up" },
  { value: "children", label: "children" },
  { value: "first-one", label: "first one I make" },
  { value: "like-the-others", label: "like the others" },
] as const;

/** More weigh nothing against one another any more. */
export const mostMatters = 3;

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

import { useSyncExternalStore } from "react";

/** A tablet or less: what stands side by side on a wide screen stands one under another. As in the style sheets. */
const narrow = "(max-width: 1100px)";

export function useNarrow(): boolean {
  return useSyncExternalStore(
    (onChange) => {
      const query = window.matchMedia(narrow);
      query.addEventListener("change", onChange);
      return () => query.removeEventListener("change", onChange);
    },
    () => window.matchMedia(narrow).matches,
  );
}

import { useEffect, useRef } from "react";

/** Calls once, when one has scrolled near to the element the answer is given to. */
export function useSeen<T extends HTMLElement>(onSeen: () => void) {
  const ref = useRef<T>(null);
  const call = useRef(onSeen);
  useEffect(() => {
    call.current = onSeen;
  }, [onSeen]);
  useEffect(() => {
    const element = ref.current;
    if (!element || !("IntersectionObserver" in window)) {
      return;
    }

    const watch = new IntersectionObserver(
      (seen) => {
        if (seen.some((entry) => entry.isIntersecting)) {
          watch.disconnect();
          call.current();
        }
      },
      { rootMargin: "400px" },
    );
    watch.observe(element);
    return () => watch.disconnect();
  }, []);
  return ref;
}

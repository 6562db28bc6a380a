import { useEffect, useRef } from "react";

interface Props {
  label: string;
  onSeen: () => void;
}

/** A button that presses itself, once, when one has scrolled near to it. */
export function WhenSeen({ label, onSeen }: Props) {
  const ref = useRef<HTMLButtonElement>(null);
  const press = useRef(onSeen);
  useEffect(() => {
    press.current = onSeen;
  }, [onSeen]);
  useEffect(() => {
    const button = ref.current;
    if (!button || !("IntersectionObserver" in window)) {
      return;
    }

    const watch = new IntersectionObserver(
      (seen) => {
        if (seen.some((entry) => entry.isIntersecting)) {
          watch.disconnect();
          press.current();
        }
      },
      { rootMargin: "400px" },
    );
    watch.observe(button);
    return () => watch.disconnect();
  }, []);
  return (
    <button type="button" className="plain-button" ref={ref} onClick={onSeen}>
      {label}
    </button>
  );
}

import { useEffect, useRef } from "react";

interface Props {
  label: string;
  onSeen: () => void;
}

/** A button that presses itself when one has scrolled near to it. */
export function WhenSeen({ label, onSeen }: Props) {
  const ref = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    const button = ref.current;
    if (!button || !("IntersectionObserver" in window)) {
      return;
    }

    const watch = new IntersectionObserver((seen) => seen.some((entry) => entry.isIntersecting) && onSeen(), {
      rootMargin: "400px",
    });
    watch.observe(button);
    return () => watch.disconnect();
  }, [onSeen]);
  return (
    <button type="button" className="plain-button" ref={ref} onClick={onSeen}>
      {label}
    </button>
  );
}

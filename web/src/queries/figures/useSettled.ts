import { useEffect, useState } from "react";

/** The value as it was when it last stood still for so many milliseconds. */
export function useSettled<T>(value: T, pause: number): T {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), pause);
    return () => clearTimeout(timer);
  }, [value, pause]);
  return settled;
}

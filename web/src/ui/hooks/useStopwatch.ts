import { useCallback, useEffect, useRef } from "react";

/** Minutes a card was in hand, without the time it rested or the page was not looked at. */
export function useStopwatch(card: string, isResting: boolean): () => number {
  const spent = useRef(0);
  const since = useRef<number | null>(null);
  useEffect(() => {
    spent.current = 0;
    since.current = null;
  }, [card]);
  useEffect(() => {
    const look = () => {
      const runs = !isResting && document.visibilityState === "visible";
      if (since.current !== null) {
        spent.current += performance.now() - since.current;
      }

      since.current = runs ? performance.now() : null;
    };
    look();
    document.addEventListener("visibilitychange", look);
    return () => document.removeEventListener("visibilitychange", look);
  }, [card, isResting]);
  return useCallback(
    () => (spent.current + (since.current === null ? 0 : performance.now() - since.current)) / 60_000,
    [],
  );
}

import { useEffect, useRef } from "react";
import type { Pedal } from "../../queries/work/useWorkLive";

const pedals: Record<string, Pedal> = {
  ArrowRight: "next",
  PageDown: "next",
  ArrowLeft: "back",
  PageUp: "back",
  p: "hold",
};

/** The keys that a foot switch or a hand may press while a card is open: on, back, rest. */
export function useCardKeys(press: (pedal: Pedal) => void) {
  const latest = useRef(press);
  useEffect(() => {
    latest.current = press;
  });
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      const pedal = pedals[event.key];
      const isTyping = (event.target as HTMLElement).matches("input:not([type=checkbox]), textarea, select");
      if (pedal && !isTyping && !event.repeat && !event.ctrlKey && !event.altKey && !event.metaKey) {
        event.preventDefault();
        latest.current(pedal);
      }
    };
    window.addEventListener("keydown", onKeyDown);
    return () => window.removeEventListener("keydown", onKeyDown);
  }, []);
}

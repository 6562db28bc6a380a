import { useQueryClient } from "@tanstack/react-query";
import { useEffect, useRef } from "react";

const lastCard = "wrapper.last-card";

export type Pedal = "next" | "back" | "hold";

/** While a card is open: what is told or changed elsewhere is shown, and the foot switch is heard by the card last worked at. */
export function useWorkLive(job: string, onPedal?: (pedal: Pedal) => void) {
  const queries = useQueryClient();
  const pressed = useRef(onPedal);
  useEffect(() => {
    pressed.current = onPedal;
  }, [onPedal]);
  useEffect(() => {
    const card = crypto.randomUUID();
    const claim = () => localStorage.setItem(lastCard, card);
    claim();
    window.addEventListener("focus", claim);
    window.addEventListener("pointerdown", claim);
    const source = new EventSource(`/api/jobs/${encodeURIComponent(job)}/live`);
    const textOf = (event: MessageEvent) => (JSON.parse(event.data as string) as { text: string }).text;
    source.addEventListener("open", () => void queries.invalidateQueries({ queryKey: ["work", job] })); // also after the line was lost
    source.addEventListener("foot", (event) => {
      if (localStorage.getItem(lastCard) === card) {
        pressed.current?.(textOf(event) as Pedal);
      }
    });
    source.addEventListener("written", (event) => {
      const isWork = textOf(event) === "work";
      void queries.invalidateQueries({ queryKey: isWork ? ["work", job] : ["sewing-cards", job] });
      void queries.invalidateQueries({ queryKey: ["cutting", job] });
    });
    return () => {
      source.close();
      window.removeEventListener("focus", claim);
      window.removeEventListener("pointerdown", claim);
    };
  }, [job, queries]);
}

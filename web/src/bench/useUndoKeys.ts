import { useEffect } from "react";
import { useBench } from "../jobs/benchStore";

/** Ctrl+Z and Ctrl+Shift+Z (or Ctrl+Y) go back and forth over everything on the bench, also from within a field. */
export function useUndoKeys() {
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey)) {
        return;
      }

      const key = event.key.toLowerCase();
      if (key === "z" || key === "y") {
        event.preventDefault();
        const { undo, redo } = useBench.getState();
        if (key === "y" || event.shiftKey) {
          redo();
        } else {
          undo();
        }
      }
    };
    window.addEventListener("keydown", onKeyDown);
    return () => window.removeEventListener("keydown", onKeyDown);
  }, []);
}

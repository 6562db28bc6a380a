import { useEffect } from "react";
import { flushSync } from "react-dom";
import { chooseThing, useBench } from "../../model/benchStore";

/** Where a key leads: the first thing in it that takes the focus. */
const places: Record<string, string> = { m: "#measure", k: "#makeup", p: "#pieces", c: "#cloth" };

/** The bench by keyboard: undo and redo over everything, also from within a field, and a key to every part. */
export function useBenchKeys() {
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      const key = event.key.toLowerCase();
      const bench = useBench.getState();
      if ((event.ctrlKey || event.metaKey) && (key === "z" || key === "y")) {
        event.preventDefault();
        if (key === "y" || event.shiftKey) {
          bench.redo();
        } else {
          bench.undo();
        }
      } else if (event.altKey && !event.ctrlKey && !event.metaKey && bench.document) {
        const place = places[event.code.replace("Key", "").toLowerCase()];
        if (place) {
          event.preventDefault();
          flushSync(() =>
            useBench.setState({
              reading: false,
              proving: false,
              choosing: null,
              turning: place === "#measure" || place === "#makeup" ? false : bench.turning,
            }),
          );
          focusIn(place); // at once: the next key may come before the next frame
        } else if (event.code === "KeyN") {
          event.preventDefault();
          chooseThing("new");
        } else if (event.code === "KeyT") {
          event.preventDefault();
          useBench.setState({ turning: !bench.turning, reading: false, proving: false });
        } else if (event.code === "KeyW") {
          event.preventDefault();
          useBench.setState({ reading: !bench.reading, proving: false });
        } else if (event.code === "KeyS") {
          event.preventDefault();
          useBench.setState({ proving: !bench.proving, reading: false });
        }
      } else if (key === "escape" && (bench.turning || bench.reading || bench.proving)) {
        useBench.setState({ turning: false, reading: false, proving: false });
      }
    };
    window.addEventListener("keydown", onKeyDown);
    return () => window.removeEventListener("keydown", onKeyDown);
  }, []);
}

function focusIn(place: string) {
  const field = document.querySelector<HTMLElement>(`${place} .measure-entry input`);
  const first = document.querySelector<HTMLElement>(
    `${place} :is(button, input, select, [tabindex="0"]):not([disabled])`,
  );
  (field ?? first)?.focus();
}

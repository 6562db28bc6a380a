import { useEffect, useRef } from "react";
import { flushSync } from "react-dom";
import { chooseThing, useBench } from "../../model/job/benchStore";
import { useStage, type Stage } from "../../model/job/stage";

/** Where a key leads: the stage, and the first thing in it that takes the focus. */
const places: Record<string, { place: string; stage: Stage }> = {
  m: { place: "#measure", stage: "measure" },
  k: { place: "#makeup", stage: "make-up" },
  p: { place: "#pieces", stage: "pieces" },
  c: { place: "#cloth", stage: "cloth" },
};

/** The bench by keyboard: undo and redo over everything, also from within a field, and a key to every part. */
export function useBenchKeys(goTo: (stage: Stage) => void) {
  const go = useRef(goTo);
  useEffect(() => {
    go.current = goTo;
  }, [goTo]);

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
        const found = places[event.code.replace("Key", "").toLowerCase()];
        if (found) {
          event.preventDefault();
          if (useStage.getState().stage !== "all") {
            go.current(found.stage);
          } else {
            flushSync(() =>
              useBench.setState({
                reading: false,
                proving: false,
                choosing: null,
                turning: found.stage === "measure" || found.stage === "make-up" ? false : bench.turning,
              }),
            );
          }

          focusIn(found.place); // at once: the next key may come before the next frame
        } else if (event.code === "KeyA") {
          event.preventDefault();
          const { activeElement } = document;
          go.current("all");
          if (activeElement?.isConnected !== true) {
            focusIn("#measure");
          }
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

/** So many frames long a place that is drawn anew gets the focus back that went with what stood there. */
const framesToDraw = 30;

function focusIn(place: string) {
  focusFirst(place);
  let left = framesToDraw;
  const look = () => {
    if (document.activeElement === document.body) {
      focusFirst(place);
    }

    if (--left > 0) {
      requestAnimationFrame(look);
    }
  };
  requestAnimationFrame(look);
}

function focusFirst(place: string) {
  const field = document.querySelector<HTMLElement>(`${place} .measure-entry input`);
  const first = document.querySelector<HTMLElement>(
    `${place} :is(button, input, select, [tabindex="0"]):not([disabled])`,
  );
  (field ?? first)?.focus();
}

import { EventSourceParserStream } from "eventsource-parser/stream";
import { useEffect, useMemo, useRef, useState } from "react";
import { fetchAnswer, NoAnswer, type Unit, type Yardage, type YardageLive } from "../../api/client";
import type { YardageBody } from "./useYardage";
import { editCloth } from "../../model/job/benchCloth";
import { saidOf } from "../server/faults";
import { lengthShown } from "../../model/pieces/figures";
import { pinOf } from "../../model/cloth/pins";

type State = "resting" | "looking" | "nothing" | "failed";

/** Reads the lays the workroom's computer tells of while it looks; false where it will not look. */
async function listen(body: YardageBody, signal: AbortSignal, told: (live: YardageLive) => void) {
  const response = await fetchAnswer("/api/yardage/live", {
    method: "POST",
    headers: { "Content-Type": "application/json" },
    body: JSON.stringify({ ...body, steps: null, drafts: [], compare: false }),
    signal,
  });
  if (!response.ok || !response.body) {
    return false;
  }

  const events = response.body
    .pipeThrough(new TextDecoderStream())
    .pipeThrough(new EventSourceParserStream());
  const reader = events.getReader();
  const read = () =>
    reader.read().catch((error: unknown) => {
      throw signal.aborted ? error : new NoAnswer(error);
    });
  for (let next = await read(); !next.done; next = await read()) {
    told(JSON.parse(next.value.data) as YardageLive);
  }

  return true;
}

/** Looking on for a shorter lay: what has been found so far, and keeping it in the job. */
export function useLookLonger(body: YardageBody | null, yardage: Yardage | null, unit: Unit) {
  const [state, setState] = useState<State>("resting");
  const [best, setBest] = useState<YardageLive | null>(null);
  const looking = useRef<AbortController | null>(null);
  const asked = useMemo(() => JSON.stringify(body), [body]);
  // Another job, cover or measure: what was being looked for is not wanted any more.
  useEffect(
    () => () => {
      looking.current?.abort();
      looking.current = null;
      setState("resting");
      setBest(null);
    },
    [asked],
  );
  const length = yardage?.lay?.length ?? 0;
  const shorter = best && best.lay.length < length - 0.01 ? best : null;
  const keep = (found: YardageLive | null) => {
    looking.current?.abort();
    looking.current = null;
    setState(found ? "resting" : "nothing");
    if (found) {
      editCloth({ kept: found.lay.placements.map((place) => ({ ...pinOf(place), remnant: place.remnant })) });
    }
  };
  const start = async () => {
    if (!body || looking.current) {
      return;
    }

    const controller = new AbortController();
    looking.current = controller;
    setBest(null);
    setState("looking");
    let found: YardageLive | null = null;
    try {
      const hasLooked = await listen(body, controller.signal, (live) => {
        if (live.lay.length < length - 0.01) {
          found = live;
          setBest(live);
        }
      });
      if (hasLooked) {
        keep(found);
      } else {
        looking.current = null;
        setState("failed");
      }
    } catch (error) {
      if (!controller.signal.aborted) {
        saidOf(error, "");
        looking.current = null;
        setState("failed");
      }
    }
  };

  const saved = shorter ? length - shorter.lay.length : 0;
  return {
    state,
    start: () => void start(),
    keep: () => keep(shorter),
    found: saved,
    saved: lengthShown(saved, unit),
    /** The lay found so far, to be drawn while it is looked on. */
    live: state === "looking" ? shorter : null,
  };
}

export type Longer = ReturnType<typeof useLookLonger>;

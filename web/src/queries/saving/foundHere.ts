import { useEffect, useState } from "react";
import type { Unit } from "../../api/client";
import type { Moves } from "../../model/work/fitting";
import { isRecord, parsedJson } from "../../model/job/json";
import { KeptTexts } from "./keptTexts";
import { moveAside } from "./setAside";

/** What was found at a try-on on this device and is not written down in the record yet. */
export interface FoundHere {
  moves: Moves;
  isCarried: boolean;
}

/** The copy of a cover that is tried on. */
export interface Tried {
  job: string;
  cover: string;
  number: number;
}

interface Stored extends FoundHere {
  unit: "in" | "mm";
}

const texts = new KeptTexts("wrapper-found/");
const sixteenth = 1.5875;
const stepOf = (unit: Unit): Stored["unit"] => (unit === "in" ? "in" : "mm");
const keyOf = ({ job, cover, number }: Tried) => `${job}/${cover}/${number}`;

/** Looks what was found here in earlier visits. */
export async function lookForFound(): Promise<void> {
  await texts.lookForEarlier();
}

/** What is still to be written down of this cover; null for nothing, undefined while it is looked for. */
export function useFoundHere({ job, cover, number }: Tried, unit: Unit): FoundHere | null | undefined {
  const [found, setFound] = useState<FoundHere | null>();
  useEffect(() => {
    let isWanted = true;
    void lookForFound().then(() => isWanted && setFound(foundHere({ job, cover, number }, unit)));
    return () => {
      isWanted = false;
    };
  }, [job, cover, number, unit]);
  return found;
}

/** The same of what is known to be kept. Found in another unit, it is said in the job’s; what cannot be read is set aside in sight. */
export function foundHere(tried: Tried, unit: Unit): FoundHere | null {
  const text = texts.get(keyOf(tried));
  if (text === null) {
    return null;
  }

  const stored = parsedJson(text);
  if (!isStored(stored)) {
    moveAside(texts, keyOf(tried), "found", "What was found at a try-on in this browser cannot be read.");
    return null;
  }

  const step = stepOf(unit);
  const factor = stored.unit === step ? 1 : step === "mm" ? sixteenth : 1 / sixteenth;
  return {
    isCarried: stored.isCarried,
    moves: Object.fromEntries(
      Object.entries(stored.moves).map(([side, move]) => [side, Math.round(move * factor)]),
    ),
  };
}

/** Keeps it here until it is in the record; nothing found leaves nothing behind. */
export function keepHere(tried: Tried, unit: Unit, found: FoundHere) {
  if (Object.values(found.moves).every((move) => move === 0)) {
    texts.remove(keyOf(tried));
  } else {
    texts.set(keyOf(tried), JSON.stringify({ ...found, unit: stepOf(unit) } satisfies Stored));
  }
}

function isStored(value: unknown): value is Stored {
  return (
    isRecord(value) &&
    typeof value["isCarried"] === "boolean" &&
    (value["unit"] === "in" || value["unit"] === "mm") &&
    isRecord(value["moves"]) &&
    Object.values(value["moves"]).every((move) => Number.isSafeInteger(move))
  );
}

import type { Unit } from "../api/client";
import type { Moves } from "./fitting";

/** What was found on this device and is not written down in the record yet. */
export interface FoundHere {
  moves: Moves;
  isCarried: boolean;
}

interface Stored extends FoundHere {
  unit: "in" | "mm";
}

const sixteenth = 1.5875;
const stepOf = (unit: Unit): Stored["unit"] => (unit === "in" ? "in" : "mm");
const keyOf = (job: string, cover: string, number: number) => `wrapper-found/${job}/${cover}/${number}`;

/** What is still to be written down of this cover; null for nothing. Found in another unit, it is said in the job’s. */
export function foundHere(job: string, cover: string, number: number, unit: Unit): FoundHere | null {
  try {
    const stored = JSON.parse(localStorage.getItem(keyOf(job, cover, number)) ?? "null") as Stored | null;
    if (!stored) {
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
  } catch {
    return null; // written by half: nobody can read it
  }
}

/** Keeps it here until it is in the record; nothing found leaves nothing behind. */
export function keepHere(job: string, cover: string, number: number, unit: Unit, found: FoundHere) {
  try {
    if (Object.values(found.moves).every((move) => move === 0)) {
      localStorage.removeItem(keyOf(job, cover, number));
    } else {
      localStorage.setItem(
        keyOf(job, cover, number),
        JSON.stringify({ ...found, unit: stepOf(unit) } satisfies Stored),
      );
    }
  } catch {
    // no room in the browser: the page still holds it
  }
}

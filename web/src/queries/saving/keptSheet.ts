import type { Catalogue, Unit } from "../../api/client";
import { coverTo, type Cover } from "../../model/cover/cover";
import { isRecord, parsedJson } from "../../model/job/json";
import { isFilled, waiting, type Filled } from "../../model/job/sheetFields";
import { brokenRule } from "./documentRules";
import { KeptTexts } from "./keptTexts";
import { moveAside } from "./setAside";

/** A measuring sheet as the phone last saw it. */
export interface Sheet {
  name: string;
  place: string;
  unit: Unit;
  catalogue: Catalogue;
  covers: { id: string; cover: Cover }[];
}

const texts = new KeptTexts("wrapper.sheet.");
const seenKey = (token: string) => `${token}.seen`;

/** Looks what this phone holds of sheets since earlier visits. */
export async function lookForSheets(): Promise<void> {
  await texts.lookForEarlier();
}

/** What was filled in here and is not known to be at the bench; what of it cannot be read is set aside in sight. */
export function filledOn(token: string): Filled {
  const text = texts.get(token);
  const filled = parsedJson(text);
  if (isFilled(filled)) {
    return filled;
  }

  if (text !== null) {
    moveAside(texts, token, "sheet", "Measures filled in on this phone cannot be read.");
  }

  return {};
}

/** Keeps every key as it is typed, whatever becomes of the page. */
export function keepFilled(token: string, filled: Filled) {
  if (waiting(filled) === 0) {
    texts.remove(token);
  } else {
    texts.set(token, JSON.stringify(filled));
  }
}

/** The sheet as it was last seen; null where it never was, or cannot be read: the workroom's computer has it. */
export function seenSheet(token: string): Sheet | null {
  const sheet = parsedJson(texts.get(seenKey(token)));
  return isSheet(sheet) ? sheet : null;
}

/** Keeps the sheet as it is seen now, for when there is no connection. */
export const keepSeen = (token: string, sheet: Sheet) => texts.set(seenKey(token), JSON.stringify(sheet));

function isSheet(value: unknown): value is Sheet {
  return (
    isRecord(value) &&
    typeof value["name"] === "string" &&
    ["in", "cm", "mm"].includes(value["unit"] as string) &&
    isRecord(value["catalogue"]) &&
    Array.isArray(value["catalogue"]["forms"]) &&
    Array.isArray(value["covers"]) &&
    value["covers"].every(
      (one) => isRecord(one) && typeof one["id"] === "string" && isCover(one["cover"] as Cover),
    )
  );
}

function isCover(cover: Cover): boolean {
  try {
    return brokenRule("cover", coverTo(cover)) === null;
  } catch {
    return false; // something of it is missing
  }
}

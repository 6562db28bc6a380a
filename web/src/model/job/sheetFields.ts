import { isRecord } from "./json";

/** One field as it stands on the phone: what the bench held when it was last seen, and what it holds now. */
export interface Field {
  before: string;
  text: string;
}

/** Everything filled in on a sheet and not yet known to be at the bench, by thing, then by measure; notes begin with "note:". */
export type Filled = Record<string, Record<string, Field>>;

const isField = (value: unknown): value is Field =>
  isRecord(value) && typeof value["before"] === "string" && typeof value["text"] === "string";

export const isFilled = (value: unknown): value is Filled =>
  isRecord(value) &&
  Object.values(value).every((fields) => isRecord(fields) && Object.values(fields).every(isField));

/** A field written; back at what the bench holds, there is nothing to send. */
export function written(filled: Filled, cover: string, name: string, before: string, text: string): Filled {
  const known = filled[cover]?.[name];
  const fields = { ...filled[cover] };
  if (text === (known?.before ?? before)) {
    delete fields[name];
  } else {
    fields[name] = { before: known?.before ?? before, text };
  }

  return { ...filled, [cover]: fields };
}

/** What was sent is at the bench now; what was typed meanwhile is still to be sent. */
export function sent(filled: Filled, cover: string, fields: Record<string, Field>): Filled {
  const left = { ...filled[cover] };
  for (const [name, field] of Object.entries(fields)) {
    const now = left[name];
    if (now?.text === field.text) {
      delete left[name];
    } else if (now) {
      left[name] = { before: field.text, text: now.text };
    }
  }

  return { ...filled, [cover]: left };
}

export const waiting = (filled: Filled) =>
  Object.values(filled).reduce((sum, fields) => sum + Object.keys(fields).length, 0);

/** The fields of a thing as the interface takes them. */
export function entriesOf(fields: Record<string, Field>) {
  return Object.entries(fields).map(([name, field]) => ({
    measure: name.replace(/^note:/, ""),
    note: name.startsWith("note:"),
    before: field.before,
    text: field.text,
  }));
}

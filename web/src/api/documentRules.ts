import { Validator, type Schema } from "@cfworker/json-schema";
import schema from "../../../docs/job.schema.json?raw";

/** The documents that have rules of their own. */
export type Ruled = "cover" | "cloth" | "work" | "sheetFile";

const rules = JSON.parse(schema) as Schema & { $defs: Record<string, Schema> };
const validators = new Map<Ruled, Validator>();

/** The first rule of a stored document that this one breaks, in words; null for a sound one. The server goes by the same rules. */
export function brokenRule(kind: Ruled, document: unknown): string | null {
  let validator = validators.get(kind);
  if (!validator) {
    validator = new Validator({ $ref: `#/$defs/${kind}`, $defs: rules.$defs }, "2020-12");
    validators.set(kind, validator);
  }

  const { valid, errors } = validator.validate(JSON.parse(JSON.stringify(document)));
  const last = errors.at(-1);
  return valid ? null : `${last?.instanceLocation ?? ""}: ${last?.error ?? "cannot be read"}`;
}

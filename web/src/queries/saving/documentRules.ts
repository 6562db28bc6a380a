import type { Ruled } from "../../api/documentRules";

let rules: typeof import("../../api/documentRules") | null = null;

/** Loads the rules of stored documents; what was kept in the browser is looked at with them from then on. False where they did not come. */
export async function loadRules(): Promise<boolean> {
  rules ??= await import("../../api/documentRules").catch(() => null); // offline: the server refuses what is broken
  return rules !== null;
}

/** The first rule a document breaks, in words; null for a sound one, and while the rules are not there. */
export function brokenRule(kind: Ruled, document: unknown): string | null {
  return rules?.brokenRule(kind, document) ?? null;
}

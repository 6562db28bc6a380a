import { hashKey, type QueryKey } from "@tanstack/react-query";

const hashes = new WeakMap<object, string>();

/**
 * What a query is known by. A key holds whole documents, which are never changed but replaced: each is gone through once, and
 * not again whenever something is drawn.
 */
export function keyHash(key: QueryKey): string {
  return key.map(hashOf).join();
}

function hashOf(part: unknown): string {
  if (typeof part !== "object" || part === null) {
    return hashKey([part]);
  }

  const known = hashes.get(part) ?? hashKey([part]);
  hashes.set(part, known);
  return known;
}

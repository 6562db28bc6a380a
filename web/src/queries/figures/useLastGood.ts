import { useState } from "react";

/** The last value that was there: a wrong entry does not blank what is shown. Another key begins anew. */
export function useLastGood<T>(
  key: string,
  value: T | null,
  same: (a: T | null, b: T) => boolean = Object.is,
): T | null {
  const [last, setLast] = useState<{ key: string; value: T | null }>({ key, value });
  if (last.key !== key) {
    setLast({ key, value });
    return value;
  }

  if (value !== null && !same(last.value, value)) {
    setLast({ key, value });
  }

  return value ?? last.value;
}

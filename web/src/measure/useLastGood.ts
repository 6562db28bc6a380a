import { useState } from "react";

/** The last value that was there: a wrong entry does not blank the drawing. Another key begins anew. */
export function useLastGood<T>(key: string, value: T | null): T | null {
  const [last, setLast] = useState<{ key: string; value: T | null }>({ key, value });
  if (last.key !== key) {
    setLast({ key, value });
    return value;
  }

  if (value !== null && JSON.stringify(value) !== JSON.stringify(last.value)) {
    setLast({ key, value });
  }

  return value ?? last.value;
}

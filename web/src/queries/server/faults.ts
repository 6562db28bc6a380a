import { create } from "zustand";
import { isNoAnswer } from "../../api/client";

/** A fault of the program itself, as it is shown; null where there was none. */
export const useFault = create<{ fault: string | null }>(() => ({ fault: null }));

/** Shows a fault of the program: it is not the network's, and trying again would not mend it. */
export function showFault(error: unknown) {
  console.error(error);
  useFault.setState({ fault: error instanceof Error ? error.message : String(error) });
}

/**
 * What to say where something could not be done: a workroom’s computer that does not answer has these words;
 * a fault of the program is shown as one.
 */
export function saidOf(error: unknown, noAnswer: string): string {
  if (isNoAnswer(error)) {
    return noAnswer;
  }

  showFault(error);
  return "";
}

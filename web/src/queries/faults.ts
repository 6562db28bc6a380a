import { create } from "zustand";

/** A fault of the program itself, as it is shown; null where there was none. */
export const useFault = create<{ fault: string | null }>(() => ({ fault: null }));

/** Shows a fault of the program: it is not the network's, and trying again would not mend it. */
export function showFault(error: unknown) {
  console.error(error);
  useFault.setState({ fault: error instanceof Error ? error.message : String(error) });
}

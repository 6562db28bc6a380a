import type { ReactNode } from "react";
import { useBench } from "../../model/job/benchStore";
import { PanelBoundary } from "../../ui/trouble/PanelBoundary";

/** One of the bench’s panels: a fault in it leaves the others usable, and offers the job as a file. */
export function BenchPanel({ name, of, children }: { name: string; of: unknown; children: ReactNode }) {
  return (
    <PanelBoundary name={name} of={of} raw={() => useBench.getState().document}>
      {children}
    </PanelBoundary>
  );
}

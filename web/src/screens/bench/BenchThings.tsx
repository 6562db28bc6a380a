import type { Catalogue, Unit } from "../../api/client";
import { addCover, chooseThing, editCover, useBench } from "../../model/job/benchStore";
import { newThing, takeThing } from "../../model/cover/takeThing";
import { ThingChooser } from "./things/ThingChooser";

/** The things to choose from, where the panels of the bench otherwise are: for a new cover, or instead of the one that stands there. */
export function BenchThings({ catalogue, unit }: { catalogue: Catalogue; unit: Unit }) {
  const choosing = useBench((state) => state.choosing);
  const isEmpty = useBench((state) => state.document?.covers.length === 0);
  const change = choosing === "change" && !isEmpty;
  return (
    <ThingChooser
      catalogue={catalogue}
      unit={unit}
      heading={change ? "What is it instead?" : "What is to be covered?"}
      onLeave={isEmpty ? undefined : () => chooseThing(null)}
      onTake={(form, shape) => {
        if (change) {
          editCover("shape", (before) => takeThing(catalogue, before, form, shape));
          chooseThing(null);
          useBench.getState().ask(null);
        } else {
          addCover(newThing(catalogue, form, shape));
        }
      }}
    />
  );
}

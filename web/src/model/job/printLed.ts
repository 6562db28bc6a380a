import type { Print, Unit } from "../../api/client";
import { withClothChanged } from "./benchCloth";
import { useBench } from "./benchStore";
import { lengthText } from "../pieces/outlinePlan";

/** How far the print is led off the middle of a face, in millimetres: to the right, and to the back. */
export interface Led {
  across: number;
  along: number;
}

/** The same place of the print, no further off than it has to be: half a repeat each way. */
export function nearest({ across, along }: Led, print: Print): Led {
  // Where the pattern drops by half, one column aside is another height.
  const width = print.halfDrop ? 2 * print.width : print.width;
  const within = (led: number, repeat: number) => (repeat > 0 ? led - Math.round(led / repeat) * repeat : 0);
  return { across: within(across, width), along: within(along, print.length) };
}

/**
 * Leads the print of the cover on the bench. On a cloth nobody has measured its motif on, the motif stands in the middle of
 * the first repeat, as its face is drawn.
 */
export function leadPrint(led: Led, print: Print, unit: Unit, cloth: string) {
  const { across, along } = nearest(led, print);
  const { edit, currentId } = useBench.getState();
  edit(`${currentId}.options.print`, (document) => {
    const stood = withClothChanged(document, cloth, ({ motif, repeatWidth }) =>
      motif.trim() || !repeatWidth.trim() ? {} : { motif: `(${repeatWidth.trim()}) / 2` },
    );
    return {
      ...stood,
      covers: stood.covers.map((entry) =>
        entry.id === currentId
          ? {
              ...entry,
              cover: {
                ...entry.cover,
                options: {
                  ...entry.cover.options,
                  printAcross: lengthText(across, unit),
                  printAlong: lengthText(along, unit),
                },
              },
            }
          : entry,
      ),
    };
  });
}

import { editCover, useBench } from "./benchStore";

/** What a phone could not send of a measuring sheet, as it saved it. */
export interface SheetFile {
  wrapperSheet: 1;
  covers: { id: string; entries: { measure: string; note: boolean; text: string }[] }[];
}

/**
 * Puts a file’s fields into the covers they belong to; a figure that differs from one already there becomes
 * a second reading. Says what came of it.
 */
export function takeSheet({ covers }: SheetFile): string {
  const { document, choose, currentId } = useBench.getState();
  const known = new Set(document?.covers.map(({ id }) => id));
  const here = covers.filter(({ id, entries }) => known.has(id) && entries.length > 0);
  for (const { id, entries } of here) {
    choose(id);
    editCover("sheet", (cover) => {
      const taken = {
        ...cover,
        measures: { ...cover.measures },
        notes: { ...cover.notes },
        secondReadings: { ...cover.secondReadings },
      };
      for (const { measure, note, text } of entries) {
        if (note) {
          taken.notes[measure] = text;
        } else if (taken.measures[measure] && taken.measures[measure] !== text) {
          taken.secondReadings[measure] = text;
        } else {
          taken.measures[measure] = text;
        }
      }

      return taken;
    });
  }

  if (here.length > 0 && currentId) {
    choose(currentId);
  }

  return said(fieldsOf(here), fieldsOf(covers) - fieldsOf(here));
}

const fieldsOf = (covers: SheetFile["covers"]) =>
  covers.reduce((sum, { entries }) => sum + entries.length, 0);

function said(taken: number, left: number): string {
  const fields = (count: number) => (count === 1 ? "1 field" : `${count} fields`);
  return left === 0
    ? `Took in ${fields(taken)}.`
    : `Took in ${fields(taken)}; ${fields(left)} of things this job does not have left out.`;
}

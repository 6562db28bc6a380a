import type { Cover } from "../cover/cover";
import { create } from "zustand";
import type { Letters } from "../cover/codes";
import type { CoverEntry, Heading, JobDocument } from "./document";
import { newCover } from "./document";

/** Keys typed within this time into one field are one step to undo. */
const oneStep = 1500;
const mostSteps = 200;

interface BenchState {
  jobId: string | null;
  document: JobDocument | null;
  /** The letters of its covers; they are the store’s to give, and no step of undoing takes one away. */
  letters: Letters;
  past: JobDocument[];
  future: JobDocument[];
  currentId: string | null;
  /** The measure being asked for. */
  measure: string | null;
  /** A thing is being chosen from the drawings: for a new cover, or for the one on the bench. */
  choosing: "new" | "change" | null;
  /** The piece that is lit, on the flat and in the hand alike. */
  litPiece: string | null;
  /** The piece that was touched last: what it is cut from is asked of it. */
  touchedPiece: string | null;
  /** The finished cover is turned in the hand; the whole working is read; the proof is open. */
  turning: boolean;
  reading: boolean;
  proving: boolean;
  /** The roll shows the whole job, or only the cover on the bench. */
  laying: "job" | "cover";
  /** The cloth for linings or padding that is shown in place of the cover's own. */
  shownCloth: string | null;
  lastEdit: { tag: string; at: number };
  open: (jobId: string, document: JobDocument, letters?: Letters) => void;
  edit: (tag: string, change: (document: JobDocument) => JobDocument) => void;
  /** Puts in what was changed elsewhere; not a step of one's own. */
  replace: (change: (document: JobDocument) => JobDocument) => void;
  undo: () => void;
  redo: () => void;
  choose: (coverId: string) => void;
  ask: (measure: string | null) => void;
}

const unopened = { turning: false, reading: false, proving: false };

export const useBench = create<BenchState>((set, get) => ({
  jobId: null,
  document: null,
  letters: {},
  past: [],
  future: [],
  currentId: null,
  measure: null,
  choosing: null,
  litPiece: null,
  touchedPiece: null,
  ...unopened,
  laying: "job",
  shownCloth: null,
  lastEdit: { tag: "", at: 0 },
  open: (jobId, document, letters = {}) =>
    set({
      jobId,
      document,
      letters,
      past: [],
      future: [],
      currentId: document.covers[0]?.id ?? null,
      measure: null,
      choosing: null,
      ...unopened,
      shownCloth: null,
    }),
  edit: (tag, change) => {
    const { document, past, lastEdit } = get();
    if (!document) {
      return;
    }

    const now = Date.now();
    const goesOn = tag === lastEdit.tag && now - lastEdit.at < oneStep && past.length > 0;
    set({
      document: change(document),
      past: goesOn ? past : [...past, document].slice(-mostSteps),
      future: [],
      lastEdit: { tag, at: now },
    });
  },
  replace: (change) => set((state) => (state.document ? { document: change(state.document) } : {})),
  undo: () =>
    set((state) => {
      const before = state.past.at(-1);
      return before && state.document
        ? {
            document: before,
            past: state.past.slice(0, -1),
            future: [state.document, ...state.future],
            lastEdit: { tag: "", at: 0 },
            currentId: stillThere(before, state.currentId),
          }
        : {};
    }),
  redo: () =>
    set((state) => {
      const [after, ...rest] = state.future;
      return after && state.document
        ? {
            document: after,
            past: [...state.past, state.document],
            future: rest,
            lastEdit: { tag: "", at: 0 },
            currentId: stillThere(after, state.currentId),
          }
        : {};
    }),
  choose: (currentId) => set({ currentId, measure: null, choosing: null }),
  ask: (measure) => set({ measure }),
}));

function stillThere(document: JobDocument, id: string | null): string | null {
  return document.covers.some((entry) => entry.id === id) ? id : (document.covers[0]?.id ?? null);
}

/** Begins or leaves choosing a thing from the drawings. */
export function chooseThing(choosing: "new" | "change" | null) {
  useBench.setState({ choosing });
}

/** The cover on the bench. */
export function useCurrentCover(): CoverEntry | null {
  return useBench((state) => state.document?.covers.find((entry) => entry.id === state.currentId) ?? null);
}

export function editHeading(change: Partial<Heading>) {
  useBench.getState().edit(`heading.${Object.keys(change).join()}`, (document) => ({
    ...document,
    heading: { ...document.heading, ...change },
  }));
}

export function editCover(tag: string, change: (cover: Cover) => Cover) {
  const { currentId, edit } = useBench.getState();
  edit(`${currentId}.${tag}`, (document) => ({
    ...document,
    covers: document.covers.map((entry) =>
      entry.id === currentId ? { ...entry, cover: change(entry.cover) } : entry,
    ),
  }));
}

/** The groups of texts a cover has, each by name. */
export type TextGroup = "measures" | "rules" | "options" | "secondReadings" | "readingUse" | "notes";

/** Changes one text in a group of a cover: a measure, a rule, an option, a note. An empty text is taken out. */
export function editText(group: TextGroup, name: string, text: string) {
  editCover(`${group}.${name}`, (cover) => {
    const texts = { ...cover[group] };
    if (text === "") {
      delete texts[name];
    } else {
      texts[name] = text;
    }

    return { ...cover, [group]: texts };
  });
}

export function addCover(from: Partial<Cover> = {}) {
  const entry = newCover(from);
  useBench
    .getState()
    .edit(`add.${entry.id}`, (document) => ({ ...document, covers: [...document.covers, entry] }));
  useBench.getState().choose(entry.id);
}

export function removeCover(id: string) {
  const { edit } = useBench.getState();
  edit(`remove.${id}`, (document) => ({
    ...document,
    covers: document.covers.filter((entry) => entry.id !== id),
  }));
  useBench.setState((state) => ({
    currentId: state.document ? stillThere(state.document, state.currentId) : null,
  }));
}

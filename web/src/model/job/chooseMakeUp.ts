import type { Cover } from "../cover/cover";
import type { MakeUp } from "../../api/client";
import { editCover } from "./benchStore";

/** Puts a way of making it on the bench: one edit, undone like any other. */
export function chooseMakeUp(made: MakeUp) {
  editCover(`makeup.${made.kind}`, (cover) => withMakeUp(cover, made));
}

/** The cover made this way. Only what is decided changes: what was typed since the ways were compared stays. */
export function withMakeUp(cover: Cover, made: Pick<MakeUp, "kind" | "word" | "options" | "rules">): Cover {
  if (made.kind === "construction") {
    // A choice that this construction does not have is left out; what it keeps, it keeps as it stands now.
    const kept = Object.entries(cover.options).filter(([name]) => name in made.options);
    return { ...cover, construction: made.word, options: Object.fromEntries(kept) };
  }

  if (made.kind === "fit") {
    const isFit = ([name]: [string, string]) => name.startsWith("fit.");
    return {
      ...cover,
      rules: Object.fromEntries([
        ...Object.entries(cover.rules).filter((rule) => !isFit(rule)),
        ...Object.entries(made.rules).filter(isFit),
      ]),
    };
  }

  return { ...cover, options: { ...cover.options, [made.kind]: made.word } };
}

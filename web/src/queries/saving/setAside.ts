import { create } from "zustand";
import { KeptTexts } from "./keptTexts";

/** Something this browser kept that the store cannot take, or that cannot be read any more. */
export interface Aside {
  key: string;
  /** What is wrong with it, for the maker. */
  problem: string;
  text: string;
}

const texts = new KeptTexts("wrapper-spoilt/");
const problems = new Map<string, string>();
const unknown = "This browser kept something from an earlier visit that cannot be read.";

/** All of it, in sight until someone has kept or removed it. */
export const useSetAside = create<{ aside: Aside[] }>(() => ({ aside: all() }));

/** Sets something aside: it stands in nobody's way, and stays in sight. */
export function setAside(key: string, text: string, problem: string) {
  problems.set(key, problem);
  texts.set(key, text);
  show();
}

/** Sets a kept text aside, out of the place it was kept in. */
export function moveAside(from: KeptTexts, key: string, kind: string, problem: string) {
  setAside(`${kind}/${key}`, from.get(key) ?? "", problem);
  from.remove(key);
}

/** Someone has done with it. */
export function removeAside(key: string) {
  texts.remove(key);
  show();
}

/** Looks what is set aside, also by earlier visits. */
export async function lookForAside(): Promise<void> {
  await texts.lookForEarlier();
  show();
}

function all(): Aside[] {
  return texts
    .keys()
    .sort()
    .map((key) => ({ key, problem: problems.get(key) ?? unknown, text: texts.get(key) ?? "" }));
}

function show() {
  useSetAside.setState({ aside: all() });
}

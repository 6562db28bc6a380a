import { editCover, useBench } from "./benchStore";
import { emptyCloth, type Cloth } from "../cloth/cloth";
import { keyOf } from "../cloth/clothKey";
import type { Cover } from "../cover/cover";
import { eachCloth, clothOf, isForInside, isGiven, type JobDocument } from "./document";

/** The cloth on the bench: the one the cover there is cut from, or one for linings or for some of its parts that is shown in its place. */
export function clothOnBench(
  document: JobDocument,
  { currentId, shownCloth }: { currentId: string | null; shownCloth: string | null },
): Cloth {
  const cover = document.covers.find((entry) => entry.id === currentId)?.cover;
  const shown = document.cloths.find(
    (cloth) => cloth.key === shownCloth && (isForInside(cloth) || (cover && isGiven(cover, cloth))),
  );
  return shown ?? clothOf(document, cover);
}

/** Says what is cut from the cloth on the bench; covers that were cut from one for linings are cut from the first again. */
export function giveRole(role: Cloth["role"]) {
  const { edit, currentId, shownCloth } = useBench.getState();
  edit("cloth.role", (document) => {
    const cloth = clothOnBench(document, { currentId, shownCloth });
    const { key } = cloth;
    const changed = withClothChanged(document, keyOf(cloth), () => ({ role }));
    useBench.setState({ shownCloth: role === "main" ? null : key });
    return role === "main"
      ? changed
      : {
          ...changed,
          covers: changed.covers.map((entry) =>
            entry.cover.cloth === key ? { ...entry, cover: { ...entry.cover, cloth: "" } } : entry,
          ),
        };
  });
}

/** Changes the cloth on the bench. */
export function editCloth(change: Partial<Cloth>, tag = Object.keys(change).join()) {
  const { edit, currentId, shownCloth } = useBench.getState();
  edit(`cloth.${currentId}.${tag}`, (document) => {
    const cloth = clothOnBench(document, { currentId, shownCloth });
    return withClothChanged(document, keyOf(cloth), () => change);
  });
}

/** Lays what is cut from a cloth on another of its widths, at that width's price; the width it had stays on offer with its own. */
export function takeWidth(cloth: Cloth, name: string) {
  useBench
    .getState()
    .edit(`cloth.${cloth.key}.width`, (document) =>
      withClothChanged(document, keyOf(cloth), () => atWidth(cloth, name)),
    );
}

/** Cuts what is cut from one cloth of the job from another at this width: the covers' own cloth, not what is given to their parts. */
export function cutInstead(from: string, cloth: Cloth, name: string) {
  useBench.setState({ shownCloth: null });
  useBench.getState().edit(`cloth.instead.${from}.${cloth.key}`, (document) => ({
    ...withClothChanged(document, keyOf(cloth), () =>
      isSameWidth(cloth.width, name) ? {} : atWidth(cloth, name),
    ),
    covers: document.covers.map((entry) =>
      keyOf(clothOf(document, entry.cover)) === from
        ? { ...entry, cover: { ...entry.cover, cloth: cloth.key } }
        : entry,
    ),
  }));
}

function atWidth(cloth: Cloth, name: string): Partial<Cloth> {
  const sold = cloth.soldIn.find(({ width }) => isSameWidth(width, name));
  const own = cloth.soldIn.find(({ width }) => isSameWidth(width, cloth.width));
  return cloth.soldIn.length === 0
    ? { width: name, price: "" } // nobody has said what it costs so wide
    : {
        width: name,
        price: sold?.price ?? "",
        soldIn: [
          ...cloth.soldIn.filter(({ width }) => !isSameWidth(width, cloth.width)),
          { width: cloth.width, price: cloth.price || (own?.price ?? "") },
        ],
      };
}

/** The job with one of its cloths changed, by what it is. */
export const withClothChanged = (
  document: JobDocument,
  key: string,
  change: (cloth: Cloth) => Partial<Cloth>,
): JobDocument => ({
  ...document,
  cloths: eachCloth(document.cloths, (cloth) =>
    keyOf(cloth) === key ? { ...cloth, ...change(cloth) } : cloth,
  ),
});

/** A width by its name in the comparison, whose bare number has got the job's unit. */
export const isSameWidth = (typed: string, name: string) =>
  typed.trim() === name.trim() || name.trim().startsWith(`${typed.trim()} `);

/** Cuts the cover on the bench from this cloth of the job. */
export function cutFrom(key: string) {
  useBench.setState({ shownCloth: null });
  editCover("cloth", (cover) => ({ ...cover, cloth: key }));
}

/** Cuts the cover on the bench from a cloth the job did not have yet, as wide as its own until now. */
export function cutFromAnother() {
  addCloth((cover, key) => ({ ...cover, cloth: key }));
}

/** A cloth the job did not have yet, as wide as the one the cover on the bench is cut from: the cover is cut from it as is said. */
export function addCloth(
  cut: (cover: Cover, key: string) => Cover,
  called: (number: number) => string = () => "",
) {
  const { edit, currentId } = useBench.getState();
  const key = `c${crypto.randomUUID().slice(0, 8)}`; // an object puts keys that are numbers before all others
  edit(`cloth.add.${key}`, (document) => {
    const cover = document.covers.find((entry) => entry.id === currentId)?.cover;
    const { width, selvage } = clothOf(document, cover);
    const cloths = document.cloths;
    const another = { ...emptyCloth, key, name: called(cloths.length + 1), width, selvage };
    return {
      ...withCloths(document, [...cloths, another]),
      covers: document.covers.map((entry) =>
        entry.id === currentId ? { ...entry, cover: cut(entry.cover, key) } : entry,
      ),
    };
  });
}

/** Takes a cloth off the job that nothing is cut from. */
export function removeCloth(key: string) {
  useBench.getState().edit(`cloth.remove.${key}`, (document) =>
    withCloths(
      document,
      document.cloths.filter((cloth) => cloth.key !== key),
    ),
  );
}

function withCloths(document: JobDocument, [first, ...others]: Cloth[]): JobDocument {
  return first ? { ...document, cloths: [first, ...others] } : document;
}

import type { Cloth } from "../../model/cloth/cloth";
import { keyOf } from "../../model/cloth/clothKey";
import type { JobDocument } from "../../model/job/document";
import { clothPart } from "./parts";

/** A job that is not all in the store: as it stood on the bench, and what the store held of it. */
export interface Unsent {
  document: JobDocument;
  stored: [string, { version: number; body: string }][];
  /** Parts someone has to choose about: shown when the job is opened, and not sent before. */
  choose?: string[];
}

/** A cloth as earlier versions kept it: the first carried the others. */
type Carrying = Cloth & { others?: Carrying[] };

interface Earlier extends Unsent {
  document: JobDocument & { cloth?: Carrying };
}

/**
 * What waits in this browser, also as an earlier version of the program kept it: with all cloths of the job in one part.
 * @throws where it is not one of these.
 */
export function unsentFrom(text: string): Unsent {
  const kept = JSON.parse(text) as Earlier;
  const { cloth, ...document } = kept.document;
  if (!cloth) {
    return kept;
  }

  const [first, ...others] = apart(cloth);
  return {
    document: { ...document, cloths: [first, ...others] },
    stored: kept.stored.flatMap(([part, known]): Unsent["stored"] =>
      part === "cloth" ? storedApart(known) : [[part, known]],
    ),
    ...(kept.choose && {
      choose: kept.choose.flatMap((part) =>
        part === "cloth" ? [first, ...others].map((one) => clothPart(keyOf(one))) : [part],
      ),
    }),
  };
}

/** The store keeps the version of them all with the first cloth; the others begin at 0. */
function storedApart({ version, body }: { version: number; body: string }): Unsent["stored"] {
  return apart(JSON.parse(body) as Carrying).map((cloth, place) => [
    clothPart(keyOf(cloth)),
    { version: place === 0 ? version : 0, body: JSON.stringify(cloth) },
  ]);
}

/** Each cloth by itself, under the keys the store gives them. */
function apart({ others = [], ...first }: Carrying): [Cloth, ...Cloth[]] {
  const cloths: [Cloth, ...Cloth[]] = [first];
  for (const [other] of others.map(apart)) {
    const taken = new Set(cloths.map(keyOf));
    const free = Array.from({ length: taken.size + 1 }, (_, at) => `cloth-${at + 2}`);
    const key = other.key && !taken.has(other.key) ? other.key : (free.find((own) => !taken.has(own)) ?? "");
    cloths.push({ ...other, key });
  }

  return cloths;
}

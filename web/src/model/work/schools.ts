import type { Piece } from "../../api/client";

/** A way of sewing that houses differ in. */
export interface School {
  name: string;
  label: string;
  /** Its words in the open format, the usual one first, each as it is said. */
  ways: readonly (readonly [word: string, said: string])[];
  /** It makes a difference to a cover of these pieces. */
  matters: (pieces: Piece[]) => boolean;
}

const has = (id: string) => (pieces: Piece[]) => pieces.some((piece) => piece.id === id);

/** What can be chosen, for those covers it makes a difference to. */
export const schools: readonly School[] = [
  {
    name: "piping",
    label: "Piping",
    ways: [
      ["first", "on its edge first"],
      ["sandwich", "all layers at once"],
    ],
    matters: has("piping"),
  },
  {
    name: "ring",
    label: "Boxing",
    ways: [
      ["ring", "closed to a ring, then the plates"],
      ["front", "front first, the ring closed last"],
    ],
    matters: has("boxing"),
  },
  {
    name: "walls",
    label: "Walls",
    ways: [
      ["ring", "as a ring"],
      ["one-by-one", "one by one, then the corners"],
    ],
    matters: has("wall"),
  },
  {
    name: "finish",
    label: "Raw edges",
    ways: [
      ["each", "each seam right after it is sewn"],
      ["first", "all edges before anything is sewn"],
      ["none", "not finished"],
    ],
    matters: () => true,
  },
  {
    name: "creep",
    label: "Long seams",
    ways: [
      ["same-way", "both the same way"],
      ["from-a-corner", "from a front corner outwards"],
    ],
    matters: (pieces) => has("boxing")(pieces) || has("plate")(pieces),
  },
];

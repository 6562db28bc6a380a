import type { Catalogue, Piece } from "../../api/client";

type SewingMethod = Catalogue["sewingMethods"][number];

/** The steps of the sewing that can be done in different ways on a cover of these pieces. */
export const methodsFor = (methods: SewingMethod[], pieces: Piece[]): SewingMethod[] =>
  methods.filter(
    (method) => method.for.length === 0 || pieces.some(({ id }) => method.for.some((kind) => kind === id)),
  );

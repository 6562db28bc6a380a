import { nameOfPicture } from "./pictures";
import type { ClothDocument } from "../../api/client";
import type { Typed } from "../../api/typed";
import { figure, text } from "../cover/cover";

type TypedCloth = Typed<ClothDocument>;

/** A flaw, as typed. */
export type Flaw = TypedCloth["flaws"][number];

/** A remnant, as typed. */
export type Remnant = Omit<TypedCloth["remnants"][number], "id">;

/** A width it is sold in and the price there, as typed. */
export type SoldWidth = TypedCloth["soldIn"][number];

/** What is seen of a cloth, as typed; its kind is empty while nobody has described it, its picture where there is none. */
export type ClothFace = Omit<TypedCloth["face"], "kind"> & { kind: TypedCloth["face"]["kind"] | "" };

export const emptyFace: ClothFace = { kind: "", ground: "", ink: "", figure: "", picture: "" };

/** An edge of a ready-made cloth, as typed; `keep` is `true` where it stays on the piece. */
export type ClothEdge = TypedCloth["edges"][string];

export const clothSides = ["left", "right", "start", "end"] as const;
export type ClothSide = (typeof clothSides)[number];

/** A sheet as it mostly comes: hemmed all round, its hems kept. */
export const emptyEdges: Record<ClothSide, ClothEdge> = {
  left: { kind: "hem", depth: "", keep: "true" },
  right: { kind: "hem", depth: "", keep: "true" },
  start: { kind: "hem", depth: "", keep: "true" },
  end: { kind: "hem", depth: "", keep: "true" },
};

export type Place = NonNullable<ClothDocument["pinned"]>[number];

/** What of a cloth stands on the bench under another name or in another shape than in JSON. */
type Reshaped =
  | "usableWidth"
  | "repeat"
  | "shrinkage"
  | "face"
  | "edges"
  | "remnants"
  | "pinned"
  | "kept"
  | "others";

/** A cloth as it stands on the bench: what is typed, field by field. In JSON it is `ClothDocument`. */
export interface Cloth extends Omit<TypedCloth, Reshaped> {
  repeatLength: string;
  repeatWidth: string;
  match: TypedCloth["repeat"]["match"];
  motif: string;
  /** Over what its pattern is matched. */
  over: TypedCloth["repeat"]["over"];
  face: ClothFace;
  shrinkageAlong: string;
  shrinkageAcross: string;
  edges: Record<ClothSide, ClothEdge> | null;
  remnants: Remnant[];
  pinned: Place[];
  kept: Place[];
}

export const emptyCloth: Cloth = {
  key: "",
  name: "",
  width: "",
  selvage: "",
  nap: "either",
  grain: "down",
  layers: "single",
  role: "main",
  traits: [],
  repeatLength: "",
  repeatWidth: "",
  match: "straight",
  motif: "",
  over: "set",
  face: emptyFace,
  space: "",
  curveSpace: "",
  shrinkageAlong: "",
  shrinkageAcross: "",
  prewash: "",
  spare: "",
  length: "",
  edges: null,
  soldIn: [],
  thickness: "",
  batch: "",
  fire: "",
  care: "",
  flaws: [],
  remnants: [],
  pinned: [],
  kept: [],
  price: "",
};

/** The cloth as it is stored and sent. */
export function clothTo(cloth: Cloth): ClothDocument {
  const { repeatLength, repeatWidth, match, motif, over, face, shrinkageAlong, shrinkageAcross, ...beside } =
    cloth;
  return {
    ...beside,
    repeat: { length: repeatLength, width: repeatWidth, match, motif, ...(over !== "set" && { over }) },
    ...(face.kind && { face: faceTo(face) }),
    shrinkage: { along: shrinkageAlong, across: shrinkageAcross },
  };
}

function faceTo({ kind, picture, ...face }: ClothFace): ClothDocument["face"] {
  return { ...face, ...(kind && { kind }), ...(picture && { picture }) };
}

/** The cloth as the server is asked about it: its picture, which is long and changes nothing, goes by its name. */
export function clothAsked(cloth: Cloth): ClothDocument {
  const { face } = cloth;
  return clothTo(
    face.picture ? { ...cloth, face: { ...face, picture: nameOfPicture(face.picture) } } : cloth,
  );
}

function edgesFrom(stored: NonNullable<ClothDocument["edges"]>): Record<ClothSide, ClothEdge> {
  const edge = (side: ClothSide, usual: ClothEdge["kind"]): ClothEdge => ({
    kind: stored[side]?.kind ?? usual,
    depth: text(stored[side]?.depth),
    keep: text(stored[side]?.keep) || String(stored[side]?.kind === "hem"),
  });
  return {
    left: edge("left", "selvage"),
    right: edge("right", "selvage"),
    start: edge("start", "raw"),
    end: edge("end", "raw"),
  };
}

/** The cloth as it came, with what was not said of it. */
export function clothFrom(stored: ClothDocument): Cloth {
  return {
    key: stored.key ?? "",
    name: stored.name ?? "",
    width: text(stored.width ?? stored.usableWidth),
    selvage: stored.width == null && stored.usableWidth != null ? "0" : text(stored.selvage),
    nap: stored.nap ?? emptyCloth.nap,
    grain: stored.grain ?? emptyCloth.grain,
    layers: stored.layers ?? emptyCloth.layers,
    role: stored.role ?? emptyCloth.role,
    traits: stored.traits ?? [],
    repeatLength: text(stored.repeat?.length),
    repeatWidth: text(stored.repeat?.width),
    match: stored.repeat?.match ?? emptyCloth.match,
    motif: text(stored.repeat?.motif),
    over: stored.repeat?.over ?? emptyCloth.over,
    face: {
      kind: stored.face?.kind ?? "",
      ground: stored.face?.ground ?? "",
      ink: stored.face?.ink ?? "",
      figure: text(stored.face?.figure),
      picture: stored.face?.picture ?? "",
    },
    space: text(stored.space),
    curveSpace: text(stored.curveSpace),
    shrinkageAlong: figure(stored.shrinkage?.along),
    shrinkageAcross: figure(stored.shrinkage?.across),
    prewash: text(stored.prewash),
    spare: figure(stored.spare),
    length: text(stored.length),
    edges: stored.edges ? edgesFrom(stored.edges) : null,
    soldIn: (stored.soldIn ?? []).map(({ width, price }) => ({ width: text(width), price: figure(price) })),
    thickness: text(stored.thickness),
    batch: stored.batch ?? "",
    fire: stored.fire ?? "",
    care: stored.care ?? "",
    flaws: (stored.flaws ?? []).map(({ from, to, left, right }) => ({
      from: text(from),
      to: text(to),
      left: text(left),
      right: text(right),
    })),
    remnants: (stored.remnants ?? []).map(({ name, id, width, length }) => ({
      name: name ?? id ?? "",
      width: text(width),
      length: text(length),
    })),
    pinned: stored.pinned ?? [],
    kept: stored.kept ?? [],
    price: figure(stored.price),
  };
}

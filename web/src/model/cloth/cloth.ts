import { nameOfPicture } from "./pictures";
import type { ClothDocument } from "../../api/client";
import { figure, text } from "../cover/cover";

/** A flaw, as typed. */
export interface Flaw {
  from: string;
  to: string;
  left: string;
  right: string;
}

/** A remnant, as typed. */
export interface Remnant {
  name: string;
  width: string;
  length: string;
}

/** A width it is sold in and the price there, as typed. */
export interface SoldWidth {
  width: string;
  price: string;
}

/** What is seen of a cloth, as typed; a kind of none while nobody has described it. */
export interface ClothFace {
  kind: string;
  ground: string;
  ink: string;
  figure: string;
  /** A picture of one repeat as a data address; empty where there is none. */
  picture: string;
}

export const emptyFace: ClothFace = { kind: "", ground: "", ink: "", figure: "", picture: "" };

/** An edge of a ready-made cloth, as typed. */
export interface ClothEdge {
  kind: string;
  depth: string;
  /** `true` where it stays on the piece. */
  keep: string;
}

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

/** A cloth as it stands on the bench: what is typed, field by field. In JSON it is `ClothDocument`. */
export interface Cloth {
  key: string;
  name: string;
  width: string;
  selvage: string;
  nap: string;
  grain: string;
  layers: string;
  role: string;
  /** What it is like, by word. */
  traits: string[];
  repeatLength: string;
  repeatWidth: string;
  match: string;
  motif: string;
  /** Over what its pattern is matched: `set`, `cover`, `none`. */
  over: string;
  face: ClothFace;
  space: string;
  curveSpace: string;
  shrinkageAlong: string;
  shrinkageAcross: string;
  /** `true` or `false`; empty where a cover’s rule says it. */
  prewash: string;
  spare: string;
  /** How long it is where it is ready made; empty for a roll. */
  length: string;
  edges: Record<ClothSide, ClothEdge> | null;
  soldIn: SoldWidth[];
  thickness: string;
  batch: string;
  fire: string;
  care: string;
  flaws: Flaw[];
  remnants: Remnant[];
  pinned: Place[];
  kept: Place[];
  price: string;
  others: Cloth[];
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
  others: [],
};

/** The cloth as it is stored and sent. */
export function clothTo(cloth: Cloth): ClothDocument {
  const {
    repeatLength,
    repeatWidth,
    match,
    motif,
    over,
    face,
    shrinkageAlong,
    shrinkageAcross,
    others,
    ...beside
  } = cloth;
  return {
    ...beside,
    repeat: { length: repeatLength, width: repeatWidth, match, motif, ...(over !== "set" && { over }) },
    ...(face.kind && { face: faceTo(face) }),
    shrinkage: { along: shrinkageAlong, across: shrinkageAcross },
    others: others.map(clothTo),
  };
}

function faceTo({ picture, ...face }: ClothFace): ClothDocument["face"] {
  return { ...face, ...(picture && { picture }) };
}

/** The cloth as the server is asked about it: its picture, which is long and changes nothing, goes by its name. */
export function clothAsked(cloth: Cloth): ClothDocument {
  const { face } = cloth;
  return clothTo(
    face.picture ? { ...cloth, face: { ...face, picture: nameOfPicture(face.picture) } } : cloth,
  );
}

function edgesFrom(stored: NonNullable<ClothDocument["edges"]>): Record<ClothSide, ClothEdge> {
  const edge = (side: ClothSide, usual: string): ClothEdge => ({
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
    others: (stored.others ?? []).map(clothFrom),
  };
}

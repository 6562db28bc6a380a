import type { ClothDocument } from "../../api/client";
import type { Cloth, ClothEdge } from "../../model/cloth/cloth";

/** A cloth one has, as typed. */
export interface Had {
  width: string;
  length: string;
  selvage: string;
  hem: string;
  /** The hems stay, or are cut off first. */
  keeps: boolean;
  nap: Cloth["nap"];
  kind: "roll" | "sheet";
  /** How many sheets there are. */
  count: string;
  /** From how many strips each face is joined. */
  joinedFrom: number;
}

/** The cloth as it is asked about and as a job begins with it: a sheet is as long as it is, with its hems or without them. */
export function clothOf({ width, length, selvage, hem, keeps, nap, kind }: Had): ClothDocument {
  const edge: ClothEdge = { kind: "hem", depth: hem, keep: String(keeps) };
  return kind === "sheet"
    ? { width, nap, length, edges: { left: edge, right: edge, start: edge, end: edge } }
    : { width, nap, selvage };
}

import type { Facet } from "./facet";
import { flatPlaces } from "./flatPlaces";
import { crossings } from "./crossing";
import { isHollow, platesOf, undone, type Plate } from "./hinges";
import { netOf, type Hung, type Net } from "./net";
import type { Space } from "./projection";
import { about, add, over, partTurn, put, still, times, type Pose } from "./rigid";

/** When a hinge opens, as shares of the opening. */
interface Window {
  begins: number;
  ends: number;
}

export interface Unfolding {
  facets: { piece: string; copy: number; corners: Space[] }[];
  plates: Plate[];
  net: Net;
  windows: Window[];
  /** What the made up cover is away from its hinges, by part: seams meet to a hair, not to nothing. */
  slack: Pose[];
  /** Which part of the net each facet is of. */
  partOf: number[];
  /** Where the net comes to lie on the ground, and each part at last. */
  ground: Pose;
  flat: Pose[];
}

/** The cover opens hinge by hinge, the net lies down where it does not lie yet, the pieces part. */
const stages = { opened: 0.62, down: 0.72 };

/** A part is lifted over those before it while they part, in millimetres, so that none goes through another. */
const lift = 4;

/** Less than this is no fold, in radians. */
const leastFold = 1e-4;

/**
 * Makes a cover ready to be unfolded. Every facet stays rigid, so every edge keeps its length at every moment; the pieces stay
 * joined by a seam each until all of it lies flat, as a real cover does whose other seams are unpicked.
 */
export function unfolding(facets: Facet[]): Unfolding {
  const plates = platesOf(facets);
  const net = netOf(plates);
  const plain = prepared(facets, plates, net, orders[0]);
  // What opens from a body that bulges everywhere never meets the rest of it; round a hollow it depends on what opens first.
  return plates.some(isHollow)
    ? (orders.map((order) => prepared(facets, plates, net, order)).find(isClear) ?? plain)
    : plain;
}

/** Which of the branches that hang on a facet opens first. */
type Order = (branches: Hung[]) => Hung[];

const orders: [Order, ...Order[]] = [
  (branches) => branches,
  (branches) => branches.toReversed(),
  (branches) => branches.toSorted((a, b) => Number(b.isSeam) - Number(a.isSeam)),
  (branches) => branches.toSorted((a, b) => Number(a.isSeam) - Number(b.isSeam)),
];

/** Moments at which is looked whether facets go through one another, and how deep they may, in millimetres. */
const looks = 30;
const leastCrossing = 1;

function isClear(cover: Unfolding): boolean {
  return Array.from({ length: looks }, (_, i) => unfoldedAt(cover, (stages.opened * (i + 1)) / looks)).every(
    (placed) => crossings(placed, leastCrossing).length === 0,
  );
}

function prepared(facets: Facet[], plates: Plate[], net: Net, order: Order): Unfolding {
  const bare = { plates, net, windows: windowsOf(net.hung, order), slack: net.parts.map(() => still) };
  const made = posesIn(bare, 0, madeRoot(bare));
  const slack = net.parts.map((part, i) => {
    const first = net.hung.find((hung) => hung.part === i)?.facet ?? 0;
    const chained = made.get(first);
    const wanted = over(plates[first]?.made ?? still, undone(part.inNet));
    return chained ? over(undone(chained), wanted) : still;
  });
  const { ground, flat } = flatPlaces(plates, net);
  return {
    facets: facets.map(({ piece, copy }, i) => ({ piece, copy, corners: plates[i]?.flat ?? [] })),
    ...bare,
    slack,
    partOf: plates.map((_, facet) => net.hung.find((hung) => hung.facet === facet)?.part ?? 0),
    ground,
    flat,
  };
}

/** Where every facet's corners are: 0 made up, 1 lying flat beside each other. */
export function unfoldedAt(cover: Unfolding, share: number): Space[][] {
  const { plates, net } = cover;
  const opened = Math.min(1, share / stages.opened);
  const down = Math.min(1, Math.max(0, (share - stages.opened) / (stages.down - stages.opened)));
  const apart = Math.max(0, (share - stages.down) / (1 - stages.down));
  const made = madeRoot(cover);
  const root = between(made, cover.ground, down);
  const poses = posesIn(cover, opened, root);
  return plates.map(({ flat }, facet) => {
    const part = cover.partOf[facet] ?? 0;
    const inNet = net.parts[part]?.inNet ?? still;
    const joined = over(poses.get(facet) ?? root, inNet);
    const pose =
      apart === 0 ? joined : aside(joined, cover.flat[part] ?? still, middleOf(cover, part), apart, part);
    return flat.map((corner) => put(pose, corner));
  });
}

const between = (from: Pose, to: Pose, share: number): Pose => ({
  turn: partTurn(from.turn, to.turn, share),
  move: add(times(1 - share, from.move), times(share, to.move)),
});

/** On the way from the net to its own place: turned about its middle, over the parts before it. */
function aside(from: Pose, to: Pose, middle: Space, share: number, part: number): Pose {
  const turn = partTurn(from.turn, to.turn, share);
  const at = add(times(1 - share, put(from, middle)), times(share, put(to, middle)));
  const up: Space = [0, 0, lift * (part + 1) * Math.sin(Math.PI * share)];
  const turned = put({ turn, move: [0, 0, 0] }, middle);
  return { turn, move: [at[0] - turned[0] + up[0], at[1] - turned[1] + up[1], at[2] - turned[2] + up[2]] };
}

function middleOf({ plates, net }: Unfolding, part: number): Space {
  const corners = (net.parts[part]?.facets ?? []).flatMap((facet) => plates[facet]?.flat ?? []);
  const middle = (axis: 0 | 1) =>
    (Math.min(...corners.map((corner) => corner[axis])) +
      Math.max(...corners.map((corner) => corner[axis]))) /
    2;
  return [middle(0), middle(1), 0];
}

type Bare = Pick<Unfolding, "plates" | "net" | "windows" | "slack">;

/** Where the net stands by its first facet while the cover is made up. */
function madeRoot({ plates, net }: Bare): Pose {
  const [first] = net.hung;
  return first ? over(plates[first.facet]?.made ?? still, undone(net.parts[0]?.inNet ?? still)) : still;
}

/** Where the net stands as each facet sees it: 0 made up, 1 all of it in one plane. */
function posesIn({ net, windows, slack }: Bare, opened: number, root: Pose): Map<number, Pose> {
  const poses = new Map<number, Pose>();
  net.hung.forEach(({ facet, part, on, from, along, angle, isSeam }, i) => {
    const { begins, ends } = windows[i] ?? { begins: 0, ends: 1 };
    const share = Math.min(1, Math.max(0, (opened - begins) / Math.max(ends - begins, 1e-9)));
    const hangs = on === null ? root : over(poses.get(on) ?? root, about(from, along, angle * (1 - share)));
    // The slack of a seam goes as it opens; what hangs on nothing moves with the root.
    poses.set(
      facet,
      isSeam || on === null
        ? over(hangs, between(slack[part] ?? still, still, on === null ? opened : share))
        : hangs,
    );
  });
  return poses;
}

/** The hinges open one after another, the outermost first, each taking time by how far it is folded. */
function windowsOf(hung: Hung[], branches: Order): Window[] {
  const order = outermostFirst(hung, branches);
  const total = order.reduce((sum, i) => sum + weight(hung[i]), 0) || 1;
  const windows: Window[] = hung.map(() => ({ begins: 0, ends: 0 }));
  let at = 0;
  for (const i of order) {
    const ends = at + weight(hung[i]) / total;
    windows[i] = { begins: at, ends };
    at = ends;
  }

  return windows;
}

const weight = (hung: Hung | undefined) =>
  hung && Math.abs(hung.angle) > leastFold ? Math.abs(hung.angle) : 0;

/** A facet opens after all that hangs on it; those on one facet, one branch after another. */
function outermostFirst(hung: Hung[], order: Order): number[] {
  const branches = new Map<number | null, Hung[]>();
  for (const one of hung) {
    branches.set(one.on, [...(branches.get(one.on) ?? []), one]);
  }

  const found: number[] = [];
  const visit = (one: Hung) => {
    order(branches.get(one.facet) ?? []).forEach(visit);
    found.push(hung.indexOf(one));
  };
  branches.get(null)?.forEach(visit);
  return found;
}

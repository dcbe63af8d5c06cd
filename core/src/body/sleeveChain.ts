import type { Side } from '../anatomy/bodyPlan.ts';
import type { FleshSleeve, SleeveStation } from '../anatomy/animal.ts';
import { alongBone, type PosedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import { distance, scale, type Vec3 } from '../geometry/vec3.ts';

/** A station of the data on its posed bone. */
export interface Placed {
  readonly posed: PosedBone;
  readonly station: SleeveStation;
}

/** The name of a sleeve on a side, as its runs have it. */
export const sleeveId = (sleeve: string, side: Side): string => `${sleeve} ${side}`;

/** The stations of one sleeve in order along it. */
export interface SleeveChain {
  /** The sleeve and its side. */
  readonly id: string;
  readonly placed: readonly Placed[];
  readonly faces: FleshSleeve['faces'];
}

/** The stations of every sleeve of a posed body, in order along it. */
export function chainsOf({ bones, sizeFactor }: PosedSkeleton): readonly SleeveChain[] {
  const chains = new Map<string, { flesh: FleshSleeve; posed: PosedBone }[]>();
  for (const posed of bones)
    for (const flesh of posed.bone.flesh)
      if ('sleeve' in flesh) {
        const id = sleeveId(flesh.sleeve, posed.bone.side);
        chains.set(id, [...(chains.get(id) ?? []), { flesh, posed }]);
      }
  return [...chains].flatMap(([id, of]) => {
    const inOrder = of.toSorted((a, b) => a.flesh.order - b.flesh.order);
    const placed = apart(
      inOrder.flatMap(({ flesh, posed }) => flesh.stations.map((station) => ({ posed, station }))),
      sizeFactor,
    );
    // What a chain that lost its bones has left is no body.
    if (placed.length < 2) return [];
    return [{ id, placed: onBothBones(placed, sizeFactor), faces: inOrder[0]!.flesh.faces }];
  });
}

const pointOf = ({ posed, station }: Placed): Vec3 => alongBone(posed, station.at);
const halfOf = ({ station }: Placed, k: number): number =>
  ((station.above + station.below) / 2) * k;

/** Stations nearer to each other than this share of their height are one: the first of them holds. */
const LEAST_APART = 0.05;

/** The stations without those that lie at one place, as the last of a bone and the first of the next may. */
const apart = (placed: readonly Placed[], k: number): readonly Placed[] =>
  placed.reduce<readonly Placed[]>((kept, next) => {
    const before = kept.at(-1);
    const near = 2 * LEAST_APART * halfOf(next, k);
    const isApart = before === undefined || distance(pointOf(before), pointOf(next)) > near;
    return isApart ? [...kept, next] : kept;
  }, []);

/** Where two bones of a chain meet, as shares of both; undefined where neither carries the other. */
export function jointBetween(
  from: PosedBone,
  to: PosedBone,
): readonly [onFrom: number, onTo: number] | undefined {
  if (to.bone.parent === from.bone.id) return [to.bone.at, 0];
  if (from.bone.parent === to.bone.id) return [0, from.bone.at];
  return undefined;
}

/** A station this near to a joint, in halves of its height, lies in it. */
const IN_JOINT = 0.1;
/** From a joint the bend reaches so far along either bone, in halves of the section's height. */
const BEND_HALVES = 0.7;
/** From a joint the bend reaches at most so far along either bone, as shares of it. */
const BEND_SHARE = 0.3;

/**
 * A section right in a joint holds a little on both bones, so that the bend lies between and the bones run
 * in the middle of their flesh.
 */
function onBothBones(placed: readonly Placed[], k: number): readonly Placed[] {
  return placed.flatMap((here, i) => {
    const [before, after] = [placed[i - 1], placed[i + 1]];
    const beyond =
      after !== undefined && after.posed !== here.posed
        ? inJoint(here, after, k)
        : before !== undefined && before.posed !== here.posed
          ? inJoint(here, before, k)
          : undefined;
    if (beyond === undefined) return [here];
    const isLast = after !== undefined && after.posed !== here.posed;
    const [own, other] = [
      moved(here, beyond.joint[0], isLast ? before : after, k),
      moved({ ...here, posed: beyond.other.posed }, beyond.joint[1], beyond.other, k),
    ];
    return isLast ? [own, other] : [other, own];
  });
}

function inJoint(here: Placed, other: Placed, k: number) {
  const joint = jointBetween(here.posed, other.posed);
  if (joint === undefined) return undefined;
  const at = alongBone(here.posed, joint[0]);
  const [own, beyond] = [distance(pointOf(here), at), distance(pointOf(other), at)];
  return own <= IN_JOINT * halfOf(here, k) && own < beyond ? { joint, other } : undefined;
}

/** The station off the joint towards its neighbour on that bone, or towards the other end of it. */
function moved(here: Placed, joint: number, towards: Placed | undefined, k: number): Placed {
  const { posed, station } = here;
  const long = distance(posed.start, posed.end);
  const next = towards?.posed === posed ? towards.station.at : joint > 0.5 ? 0 : 1;
  const room = Math.min(Math.abs(next - joint) / 2, BEND_SHARE);
  const off = long > 0 ? Math.min(room, (BEND_HALVES * halfOf(here, k)) / long) : 0;
  return { posed, station: { ...station, at: joint + Math.sign(next - joint) * off } };
}

/** Which way the chain goes along the bone of a station: 1 with it, −1 against it. */
export function senseAt(placed: readonly Placed[], i: number): 1 | -1 {
  const { posed, station } = placed[i]!;
  const own = (other: Placed | undefined): number | undefined =>
    other?.posed === posed ? other.station.at : undefined;
  const [before, after] = [own(placed[i - 1]), own(placed[i + 1])];
  if (before !== undefined || after !== undefined)
    return (after ?? station.at) - (before ?? station.at) < 0 ? -1 : 1;
  // The only station on its bone: from the joint with the bone before, or to that with the next.
  const last = placed[i - 1]?.posed;
  const next = placed[i + 1]?.posed;
  const from = last && jointBetween(last, posed)?.[1];
  const to = next && jointBetween(posed, next)?.[0];
  const rise = (to ?? station.at) - (from ?? station.at);
  return rise < 0 ? -1 : 1;
}

/** Which way the chain goes at a station at rest. */
export const wayAt = (placed: readonly Placed[], i: number): Vec3 =>
  scale(placed[i]!.posed.bone.rest, senseAt(placed, i));

/** Which share of the way between two stations lies on the bone of the first one. */
export function firstShare(from: Placed, to: Placed): number {
  if (from.posed === to.posed) return 1;
  const joint = jointBetween(from.posed, to.posed);
  if (joint === undefined) return 0.5;
  const at = alongBone(from.posed, joint[0]);
  const [a, b] = [distance(pointOf(from), at), distance(at, pointOf(to))];
  return a + b > 0 ? a / (a + b) : 0.5;
}

/** How far along its bone a place between two stations lies: on the first one's bone, or on the second's. */
export function shareOn(
  placed: readonly Placed[],
  span: number,
  t: number,
  onFirst: boolean,
): number {
  const [from, to] = [placed[span]!, placed[span + 1]!];
  const [a, b] = [from.station.at, to.station.at];
  if (from.posed === to.posed) return a + (b - a) * t;
  const first = firstShare(from, to);
  const joint =
    jointBetween(from.posed, to.posed) ??
    ([a + senseAt(placed, span) * NO_JOINT, b - senseAt(placed, span + 1) * NO_JOINT] as const);
  if (onFirst) return first > 0 ? a + (joint[0] - a) * Math.min(1, t / first) : a;
  return first < 1 ? b + (joint[1] - b) * Math.min(1, (1 - t) / (1 - first)) : b;
}

/** Bones that do not meet are left and met so far beyond their stations, as shares of them. */
const NO_JOINT = 0.1;

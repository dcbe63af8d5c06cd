import type { Bone, Skeleton } from '../anatomy/skeleton.ts';
import { FREEDOMS, type FreedomName } from '../anatomy/bodyPlan.ts';
import { posedBone, type JointAngles } from '../anatomy/pose.ts';
import { turn } from '../geometry/quat.ts';
import { dot, length, scale, sub, type Vec3 } from '../geometry/vec3.ts';
import { settledStance, stanceAngles, type StanceChoice } from '../posing/settledStance.ts';

/** Which view was dragged in: each shows the turns about the axis that it looks along. */
export type DragView = 'side' | 'front' | 'top';

/** The axis that each view looks along, and the two coordinates that it shows. */
const LOOKS: Readonly<Record<DragView, { readonly along: 0 | 1 | 2; readonly shows: Shown }>> = {
  side: { along: 2, shows: [0, 1] },
  front: { along: 0, shows: [2, 1] },
  top: { along: 1, shows: [0, 2] },
};
type Shown = readonly [0 | 1 | 2, 0 | 1 | 2];

/** A view shows a turn whose axis lies at least this much along it. */
const SHOWN = 0.6;

/** What a drag sets: one angle of one joint, in degrees. */
export interface DragResult {
  readonly boneId: string;
  readonly freedom: FreedomName;
  readonly deg: number;
  /** True where the pointer asked for more than the limits allow. */
  readonly atLimit: boolean;
}

/** Angles searched coarsely before the fine search, per degree of range. */
const COARSE_STEP_DEG = 4;
const FINE_DEG = 1e-4;

/**
 * Turns the joint at the near end of a bone so that the bone's far end comes as near to the pointer
 * as the view can show. `pointer` is in the view's plane: (x, y) from the side, (z, y) from the
 * front, (x, z) from above, mm of the model. Of the joint's freedoms the one turns that the view
 * shows best; where it has none, the nearest joint above it in the same limb turns. `anyAngle` lifts
 * the limits knowingly; `locked` joints stay. Undefined where nothing can turn.
 */
export function dragJoint(
  skeleton: Skeleton,
  choice: StanceChoice,
  sizeFactor: number,
  boneId: string,
  view: DragView,
  pointer: readonly [number, number],
  anyAngle = false,
  locked: readonly string[] = [],
): DragResult | undefined {
  const [across, up] = LOOKS[view].shows;
  return turned(
    { skeleton, choice, sizeFactor, rodMm: 0, boneId, anyAngle, locked },
    (bone) => shownFreedom(bone, view),
    (end) => Math.hypot(end[across] - pointer[0], end[up] - pointer[1]),
  );
}

/** A line of sight through the pointer: a point of it, and its unit direction away from the viewer. */
export interface Sight {
  readonly from: Vec3;
  readonly way: Vec3;
}

/** In space a turn is followed whose axis lies at least this much along the line of sight. */
const SEEN = 0.35;

/**
 * Turns the joint at the near end of a bone so that the bone's far end comes as near as it can to a line of
 * sight, in the axes of the model as a rod of `rodMm` holds it, mm. As {@link dragJoint}, for a view that is
 * turned freely: of the joint's freedoms the one turns whose axis, as it stands, lies best along the line.
 */
export function dragInSpace(
  skeleton: Skeleton,
  choice: StanceChoice,
  sizeFactor: number,
  rodMm: number,
  boneId: string,
  { from, way }: Sight,
  anyAngle = false,
  locked: readonly string[] = [],
): DragResult | undefined {
  const posed = settledStance(skeleton, choice, sizeFactor, rodMm);
  const shareOf = (bone: Bone, name: FreedomName): number => {
    const parent = bone.parent === null ? undefined : posed.byId.get(bone.parent);
    const { axis } = bone.joint.freedoms[name]!;
    return Math.abs(dot(parent === undefined ? axis : turn(parent.rotation, axis), way));
  };
  return turned(
    { skeleton, choice, sizeFactor, rodMm, boneId, anyAngle, locked },
    (bone) => bestFreedom(bone, (name) => shareOf(bone, name), SEEN),
    (end) => {
      const to = sub(end, from);
      return length(sub(to, scale(way, dot(to, way))));
    },
  );
}

interface Turn {
  readonly skeleton: Skeleton;
  readonly choice: StanceChoice;
  readonly sizeFactor: number;
  readonly rodMm: number;
  readonly boneId: string;
  readonly anyAngle: boolean;
  readonly locked: readonly string[];
}

/** The turn of the joint that can be seen turning with which the bone's end misses the least. */
function turned(
  { skeleton, choice, sizeFactor, rodMm, boneId, anyAngle, locked }: Turn,
  freedomOf: (bone: Bone) => FreedomName | undefined,
  missOf: (end: Vec3) => number,
): DragResult | undefined {
  const found = turningBone(skeleton, boneId, freedomOf);
  if (found === undefined || locked.includes(found.bone.id)) return undefined;
  const { bone: turning, name: freedomName } = found;
  const freedom = turning.joint.freedoms[freedomName]!;
  const angles = stanceAngles(skeleton, choice);
  const miss = (deg: number): number => {
    const tried: JointAngles = {
      ...choice.anglesDeg,
      [turning.id]: { ...choice.anglesDeg[turning.id], [freedomName]: deg },
    };
    const posed = settledStance(skeleton, { ...choice, anglesDeg: tried }, sizeFactor, rodMm);
    return missOf(posedBone(posed, boneId).end);
  };
  const [low, high] = anyAngle ? [-180, 180] : [freedom.minDeg, freedom.maxDeg];
  const start = Math.min(high, Math.max(low, angles[turning.id]?.[freedomName] ?? 0));
  const deg = leastOf(miss, low, high, start);
  const atLimit = !anyAngle && (deg <= low + FINE_DEG || deg >= high - FINE_DEG);
  return { boneId: turning.id, freedom: freedomName, deg: Math.round(deg * 10) / 10, atLimit };
}

interface Turning {
  readonly bone: Bone;
  readonly name: FreedomName;
}

/** The bone itself, or its nearest ancestor on the same side, that can be seen turning. */
function turningBone(
  skeleton: Skeleton,
  boneId: string,
  freedomOf: (bone: Bone) => FreedomName | undefined,
): Turning | undefined {
  let bone = skeleton.byId.get(boneId);
  const side = bone?.side;
  while (bone !== undefined && bone.side === side) {
    const name = freedomOf(bone);
    if (name !== undefined) return { bone, name };
    bone = bone.parent === null ? undefined : skeleton.byId.get(bone.parent);
  }
  return undefined;
}

/** The freedom of a bone's joint that a view shows best, by its axis at rest. */
export function shownFreedom(bone: Bone, view: DragView): FreedomName | undefined {
  const { along } = LOOKS[view];
  return bestFreedom(bone, (name) => Math.abs(bone.joint.freedoms[name]!.axis[along]), SHOWN);
}

/** The freedom with the greatest share; the first of equals, and none where it is less than `least`. */
function bestFreedom(
  bone: Bone,
  shareOf: (name: FreedomName) => number,
  least: number,
): FreedomName | undefined {
  const seen = FREEDOMS.flatMap((name) =>
    bone.joint.freedoms[name] === undefined ? [] : [{ name, share: shareOf(name) }],
  );
  const best = seen.reduce<(typeof seen)[number] | undefined>(
    (a, b) => (a === undefined || b.share > a.share + 1e-9 ? b : a),
    undefined,
  );
  return best !== undefined && best.share >= least ? best.name : undefined;
}

/** Least of a function of one angle: coarse steps, then golden section round the best of them. */
function leastOf(f: (deg: number) => number, low: number, high: number, start: number): number {
  const steps = Math.max(1, Math.ceil((high - low) / COARSE_STEP_DEG));
  const places = [
    start,
    ...Array.from({ length: steps + 1 }, (_, i) => low + ((high - low) * i) / steps),
  ];
  const best = places.reduce((a, b) => (f(b) < f(a) - 1e-9 ? b : a));
  let a = Math.max(low, best - COARSE_STEP_DEG);
  let b = Math.min(high, best + COARSE_STEP_DEG);
  const golden = (Math.sqrt(5) - 1) / 2;
  while (b - a > FINE_DEG) {
    const c = b - golden * (b - a);
    const d = a + golden * (b - a);
    if (f(c) < f(d)) b = d;
    else a = c;
  }
  return (a + b) / 2;
}

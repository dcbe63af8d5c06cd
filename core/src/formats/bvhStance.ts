import { FREEDOMS, type FreedomName } from '../anatomy/bodyPlan.ts';
import { fitAngles } from '../anatomy/fitAngles.ts';
import type { JointAngles } from '../anatomy/pose.ts';
import type { Bone, Skeleton } from '../anatomy/skeleton.ts';
import { bvhFrame, type BvhFile, type BvhPosed } from './readBvh.ts';
import { aboutAxis, compose, IDENTITY, inverse, turn, type Quat } from '../geometry/quat.ts';
import { leastSquares } from '../geometry/leastSquares.ts';
import { distance, sub, unit, type Vec3 } from '../geometry/vec3.ts';
import { toDeg } from '../units/angles.ts';

/** Which bone each joint of a file moves, by joint name; joints without a bone are passed over. */
export type JointNames = Readonly<Record<string, string>>;

/** Which way the animal of a file faces, y up. */
export type Faces = 'x' | 'z';

/** A stance taken from a file. */
export interface BvhStance {
  readonly angles: JointAngles;
  /** Bones that miss the direction in the file, degrees, worst first: limits, or other axes. */
  readonly missed: readonly { readonly boneId: string; readonly deg: number }[];
}

/** A direction counts as met within this, degrees. */
const MET_DEG = 0.5;
/** Shorter offsets give no direction, in the file's units. */
const SHORT = 1e-6;

const plain = (name: string): string => name.toLowerCase().replace(/[^a-z0-9]/g, '');

/** Words for bones in files of other makers, by bone key: general names of limbs and joints. */
const WORDS: Readonly<Record<string, readonly string[]>> = {
  femur: ['thigh', 'upleg', 'upperleg', 'hip'],
  tibia: ['shin', 'leg', 'lowleg', 'lowerleg', 'calf', 'knee', 'shank'],
  tibiotarsus: ['shin', 'leg', 'lowerleg', 'knee', 'shank'],
  metatarsus: ['foot', 'hindfoot', 'ankle', 'hock'],
  tarsometatarsus: ['foot', 'ankle', 'hock'],
  hindDigits: ['toe', 'toes', 'toebase'],
  toes: ['toe', 'toebase'],
  scapula: ['shoulder', 'collar', 'clavicle'],
  humerus: ['arm', 'upperarm', 'uparm'],
  radius: ['forearm', 'lowerarm', 'elbow'],
  ulna: ['forearm', 'lowerarm', 'elbow'],
  metacarpus: ['hand', 'forefoot', 'wrist'],
  foreDigits: ['finger', 'fingers', 'fingerbase'],
  skull: ['head'],
  neckLower: ['neck', 'neck1'],
  neckUpper: ['neck2'],
  neck1: ['neck'],
  tail1: ['tail'],
  lumbar: ['spine', 'spine1', 'abdomen', 'lowerback'],
  thoracic: ['chest', 'spine2', 'upperback', 'ribcage'],
};

/** What a name may be called with its side: "thighl", "lthigh", "leftthigh". */
function sidedWords(bone: Bone): readonly string[] {
  const words = [bone.key, ...(WORDS[bone.key] ?? [])].map(plain);
  if (bone.side === 'mid') return words;
  const [letter, word] = bone.side === 'left' ? ['l', 'left'] : ['r', 'right'];
  return words.flatMap((entry) => [entry + letter, letter + entry, word + entry, entry + word]);
}

/** Which bone each joint is likely to move: by the bone's own name, then by common words. */
export function likelyNames(skeleton: Skeleton, file: BvhFile): JointNames {
  const names: Record<string, string> = {};
  const taken = new Set<string>();
  const give = (joint: string, bone: Bone | undefined): void => {
    if (bone === undefined || taken.has(bone.id) || Object.hasOwn(names, joint)) return;
    names[joint] = bone.id;
    taken.add(bone.id);
  };
  for (const { name } of file.joints) give(name, skeleton.byId.get(name));
  for (const { name, parent } of file.joints) {
    const root = skeleton.bones.find((bone) => bone.parent === null);
    if (parent === null) give(name, root);
    give(
      name,
      skeleton.bones.find((bone) => sidedWords(bone).includes(plain(name))),
    );
  }
  return names;
}

/** Whether a file was written from this plan: every joint bears the name of a bone of it. */
export const isOwn = (skeleton: Skeleton, file: BvhFile): boolean =>
  file.joints.every(({ name }) => skeleton.byId.has(name));

/**
 * The stance of one frame. A file of this plan gives its turns joint by joint, exactly; one of another
 * skeleton gives the directions of its bones, and the joint angles within their limits that come
 * nearest to them.
 */
export function stanceFromBvh(
  skeleton: Skeleton,
  file: BvhFile,
  frame: number,
  names: JointNames,
  faces: Faces,
  start: JointAngles,
): BvhStance {
  const posed = bvhFrame(file, frame);
  if (isOwn(skeleton, file)) {
    const angles = Object.fromEntries(
      posed.map(({ joint, local }) => [
        joint.name,
        freedomAngles(skeleton.byId.get(joint.name)!, local),
      ]),
    );
    return { angles, missed: [] };
  }
  const wanted = new Map<string, Vec3>();
  for (const [joint, boneId] of Object.entries(names)) {
    const direction = directionOf(posed, joint, faces);
    if (direction !== undefined && skeleton.byId.has(boneId)) wanted.set(boneId, direction);
  }
  const { angles, missDeg } = fitAngles(skeleton, wanted, start);
  const missed = [...missDeg]
    .filter(([, deg]) => deg > MET_DEG)
    .map(([boneId, deg]) => ({ boneId, deg }))
    .toSorted((a, b) => b.deg - a.deg);
  return { angles, missed };
}

/** Where a joint's bone points, in the animal's axes: to its first child that is not at its place. */
function directionOf(posed: readonly BvhPosed[], name: string, faces: Faces): Vec3 | undefined {
  const entry = posed.find(({ joint }) => joint.name === name);
  if (entry === undefined) return undefined;
  const child = posed.find(
    ({ joint, at }) => joint.parent === name && distance(at, entry.at) > SHORT,
  );
  const tip = entry.joint.tip;
  const way =
    child !== undefined
      ? sub(child.at, entry.at)
      : tip !== null && Math.hypot(...tip) > SHORT
        ? turn(entry.world, tip)
        : undefined;
  if (way === undefined) return undefined;
  const [x, y, z] = unit(way);
  return faces === 'x' ? [x, y, z] : [z, y, -x];
}

const ROUNDS = 40;
const SLOPE = 1e-6;
const CLOSE = 1e-12;

/**
 * The angles of a joint's freedoms that make one turn: Newton's method on the turn that is left, as a
 * vector of three; exact where the joint can make it, and as near as its axes allow where not.
 */
export function freedomAngles(bone: Bone, wanted: Quat): Partial<Record<FreedomName, number>> {
  const names = FREEDOMS.filter((name) => bone.joint.freedoms[name] !== undefined);
  const made = (at: readonly number[]): Quat =>
    names.reduce<Quat>(
      (q, name, i) => compose(q, aboutAxis(bone.joint.freedoms[name]!.axis, at[i]!)),
      IDENTITY,
    );
  const left = (at: readonly number[]): readonly number[] => {
    const [x, y, z, w] = compose(inverse(made(at)), wanted);
    const sign = w < 0 ? -2 : 2;
    return [x * sign, y * sign, z * sign];
  };
  let at: number[] = names.map(() => 0);
  for (let round = 0; round < ROUNDS; round++) {
    const now = left(at);
    if (names.length === 0 || Math.hypot(...now) < CLOSE) break;
    const slopes = names.map((_, k) =>
      left(at.map((rad, j) => (j === k ? rad + SLOPE : rad))).map(
        (value, row) => (value - now[row]!) / SLOPE,
      ),
    );
    const rows = now.map((_, row) => slopes.map((slope) => slope[row]!));
    const by = leastSquares(rows, now);
    at = at.map((rad, k) => rad - by[k]!);
  }
  return Object.fromEntries(names.map((name, k) => [name, toDeg(wrapped(at[k]!))]));
}

const wrapped = (rad: number): number => Math.atan2(Math.sin(rad), Math.cos(rad));

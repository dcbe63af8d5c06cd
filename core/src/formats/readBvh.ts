import * as say from './words.ts';
import { aboutAxis, compose, IDENTITY, turn, type Quat } from '../geometry/quat.ts';
import { add, ORIGIN, scale, X_AXIS, Y_AXIS, Z_AXIS, type Vec3 } from '../geometry/vec3.ts';
import { accepted, refused, type Parsed } from '../units/problem.ts';
import { toRad } from '../units/angles.ts';
import { plainNumber } from '../units/parseNumber.ts';

/** A joint of a BVH file. */
export interface BvhJoint {
  readonly name: string;
  readonly parent: string | null;
  readonly offset: Vec3;
  /** Offset of its end site, where it has one. */
  readonly tip: Vec3 | null;
  readonly channels: readonly string[];
}

/** A BVH file as read: joints, parents before children, and the numbers of every frame. */
export interface BvhFile {
  readonly joints: readonly BvhJoint[];
  readonly frames: readonly (readonly number[])[];
}

/** Files larger than this are not read: many hours of movement. */
const MOST_CHARACTERS = 40_000_000;
/** Animals have some hundred joints; more are no skeleton. */
const MOST_JOINTS = 2000;
/** A number of a frame takes no more than this, with the blank before it. */
const MOST_DIGITS = 60;
const CHANNEL = /^[XYZ](position|rotation)$/;

/** Reads a BVH file, or says in a sentence what is wrong with it. */
export function readBvh(text: string): Parsed<BvhFile> {
  const wrong = (received: string, allowed: string) => refused(say.bvhFile, received, allowed);
  if (text.length > MOST_CHARACTERS)
    return wrong(say.characters(text.length), say.atMostCharacters(MOST_CHARACTERS));
  const [head = '', motion] = text.split(/^[ \t]*MOTION[ \t\r]*$/m);
  if (!/^\s*HIERARCHY\b/.test(head) || motion === undefined)
    return wrong(say.textOfAnotherKind, say.textThatBeginsWith);
  const joints = readJoints(head);
  if (typeof joints === 'string') return wrong(joints, say.jointsWithOffsetAnd);
  const [countLine = '', timeLine = '', ...rows] = motion.trim().split(/\r?\n/);
  const count = Number(/^Frames:\s*(\d+)/.exec(countLine)?.[1]);
  if (!(count >= 1) || !/^Frame Time:/.test(timeLine))
    return wrong(countLine || say.noFrames, say.framesWithAtLeast);
  const wanted = joints.reduce((sum, joint) => sum + joint.channels.length, 0);
  const frames: number[][] = [];
  for (const [i, row] of rows.filter((line) => line.trim() !== '').entries()) {
    if (row.length > wanted * MOST_DIGITS)
      return wrong(say.charactersInFrame(row.length, i + 1), say.numbersInEachFrame(wanted));
    const values = row.trim().split(/\s+/).map(plainNumber);
    if (values.length !== wanted || values.some((value) => !Number.isFinite(value)))
      return wrong(say.valuesInFrame(values.length, i + 1), say.numbersInEachFrame(wanted));
    frames.push(values);
  }
  if (frames.length < count) return wrong(say.frames2(frames.length), say.asItSays(count));
  return accepted({ joints, frames });
}

/** The joints of a hierarchy, or what was found in place of one. */
function readJoints(text: string): BvhJoint[] | string {
  const words = text.trim().split(/\s+/).slice(1);
  const joints: {
    name: string;
    parent: string | null;
    offset: Vec3;
    tip: Vec3 | null;
    channels: string[];
  }[] = [];
  const open: (number | 'end')[] = [];
  let i = 0;
  const vec = (): Vec3 | undefined => {
    const values = words.slice(i, i + 3).map(plainNumber);
    i += 3;
    return values.length === 3 && values.every(Number.isFinite)
      ? (values as unknown as Vec3)
      : undefined;
  };
  while (i < words.length) {
    const word = words[i++]!;
    const at = open.at(-1);
    const now = typeof at === 'number' ? joints[at]! : undefined;
    if (word === 'ROOT' || word === 'JOINT') {
      const name = words[i++] ?? '';
      if (words[i++] !== '{') return say.withoutBrace(name);
      if (joints.length >= MOST_JOINTS) return say.moreJointsThan(MOST_JOINTS);
      if (joints.some((joint) => joint.name === name)) return say.twoJointsNamed(name);
      joints.push({ name, parent: now?.name ?? null, offset: ORIGIN, tip: null, channels: [] });
      open.push(joints.length - 1);
    } else if (word === 'End') {
      i += 2;
      open.push('end');
    } else if (word === 'OFFSET') {
      const offset = vec();
      if (offset === undefined) return say.offsetWithoutThreeNumbers;
      const owner = at === 'end' ? open.at(-2) : at;
      if (typeof owner !== 'number') return say.offsetOutsideJoint;
      if (at === 'end') joints[owner]!.tip = offset;
      else joints[owner]!.offset = offset;
    } else if (word === 'CHANNELS' && now !== undefined) {
      const count = Number(words[i++]);
      now.channels = words.slice(i, i + count);
      i += count;
      if (now.channels.length !== count || !now.channels.every((channel) => CHANNEL.test(channel)))
        return say.channelsOf(now.name);
    } else if (word === '}') {
      open.pop();
    } else return `“${[...word.slice(0, 60)].slice(0, 30).join('')}”`;
  }
  if (open.length > 0) return say.braceThatIsNot;
  return joints.length > 0 ? joints : say.noJoint;
}

/** Where a joint is in one frame, in the file's axes, and how it and all that carries it is turned. */
export interface BvhPosed {
  readonly joint: BvhJoint;
  readonly at: Vec3;
  /** Its own turn, and the turn of the whole chain up to it. */
  readonly local: Quat;
  readonly world: Quat;
}

const AXES = { X: X_AXIS, Y: Y_AXIS, Z: Z_AXIS } as const;

/** One frame of a file in space: channels are applied in the order in which they are listed. */
export function bvhFrame({ joints, frames }: BvhFile, frame: number): readonly BvhPosed[] {
  const values = frames[frame] ?? [];
  const posed = new Map<string, BvhPosed>();
  let i = 0;
  for (const joint of joints) {
    let local: Quat = IDENTITY;
    let moved: Vec3 = joint.offset;
    for (const channel of joint.channels) {
      const axis = AXES[channel[0] as 'X' | 'Y' | 'Z'];
      const value = values[i++] ?? 0;
      if (channel.endsWith('rotation')) local = compose(local, aboutAxis(axis, toRad(value)));
      else moved = add(moved, scale(axis, value));
    }
    const parent = joint.parent === null ? undefined : posed.get(joint.parent);
    const at = parent === undefined ? moved : add(parent.at, turn(parent.world, moved));
    posed.set(joint.name, {
      joint,
      at,
      local,
      world: compose(parent?.world ?? IDENTITY, local),
    });
  }
  return [...posed.values()];
}

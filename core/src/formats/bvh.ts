import * as say from './words.ts';
import { jointRotation, type JointAngles } from '../anatomy/pose.ts';
import type { Bone, Skeleton } from '../anatomy/skeleton.ts';
import type { Quat } from '../geometry/quat.ts';
import { ORIGIN, scale } from '../geometry/vec3.ts';
import { toDeg } from '../units/angles.ts';

const DECIMALS = 5;
const num = (value: number): string => value.toFixed(DECIMALS).replace(/^-(0\.0+)$/, '$1');

/** Degrees about Z, X and Y, in the order in which they are applied: R = Rz·Rx·Ry. */
export function eulerZxy([x, y, z, w]: Quat): readonly [number, number, number] {
  const sinX = 2 * (y * z + w * x);
  const aboutX = Math.asin(Math.max(-1, Math.min(1, sinX)));
  const aboutZ = Math.atan2(2 * (w * z - x * y), 1 - 2 * (x * x + z * z));
  const aboutY = Math.atan2(2 * (w * y - x * z), 1 - 2 * (x * x + y * y));
  return [toDeg(aboutZ), toDeg(aboutX), toDeg(aboutY)];
}

/**
 * Stances of one skeleton as a BVH file (a hierarchy of joints with offsets, and a row of rotations
 * for every frame; Biovision's text format, as commonly described): life size in mm, y up, facing x.
 * Each joint is named by the bone it moves; its offset is where that bone starts on its parent.
 */
export function bvhText(
  skeleton: Skeleton,
  frames: readonly JointAngles[],
  frameSeconds = 1 / 24,
): string {
  const lines: string[] = ['HIERARCHY'];
  const order: Bone[] = [];
  const write = (bone: Bone, depth: number): void => {
    const pad = '  '.repeat(depth);
    order.push(bone);
    const parent = bone.parent === null ? undefined : skeleton.byId.get(bone.parent);
    const offset =
      parent === undefined ? ORIGIN : scale(parent.rest, parent.lifeLengthMm * bone.at);
    lines.push(`${pad}${parent === undefined ? 'ROOT' : 'JOINT'} ${bone.id}`, `${pad}{`);
    lines.push(say.offset(pad, offset.map(num).join(' ')));
    lines.push(
      parent === undefined
        ? say.channelsXpositionYpositionZposition(pad)
        : say.channelsZrotationXrotationYrotation(pad),
    );
    const children = skeleton.bones.filter((entry) => entry.parent === bone.id);
    for (const child of children) write(child, depth + 1);
    if (children.length === 0)
      lines.push(
        say.endSite(pad),
        `${pad}  {`,
        say.offset2(pad, scale(bone.rest, bone.lifeLengthMm).map(num).join(' ')),
        `${pad}  }`,
      );
    lines.push(`${pad}}`);
  };
  const root = skeleton.bones.find(({ parent }) => parent === null);
  if (root === undefined) throw new Error(`plan ${skeleton.plan.id} has no root`);
  write(root, 0);
  lines.push('MOTION', say.frames(frames.length), say.frameTime(num(frameSeconds)));
  for (const angles of frames) {
    const turns = order.flatMap((bone) => [...eulerZxy(jointRotation(bone, angles))]);
    lines.push([0, 0, 0, ...turns].map(num).join(' '));
  }
  return `${lines.join('\n')}\n`;
}

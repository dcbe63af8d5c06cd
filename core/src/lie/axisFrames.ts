import { volumeKept } from '../body/volumeKept.ts';
import { sectionMiddle } from '../body/sleeveSection.ts';
import type { PosedSkeleton } from '../anatomy/pose.ts';
import { keptFor } from './keptFor.ts';
import { add, dot, scale, sub, type Vec3 } from '../geometry/vec3.ts';

/** A cross section of a part as a frame: where its middle is, along it, up (in limbs: forward), and to the side. */
export interface AxisFrame {
  readonly middle: Vec3;
  readonly along: Vec3;
  readonly up: Vec3;
  readonly across: Vec3;
}

const known = keptFor<PosedSkeleton, readonly (readonly AxisFrame[])[]>();

/** The frames of every part of a stance, in the order of the parts: those of one skeleton answer each other in every stance. */
export function axisFrames(posed: PosedSkeleton): readonly (readonly AxisFrame[])[] {
  return known(posed, 0, () => framesOf(posed));
}

const framesOf = (posed: PosedSkeleton): readonly (readonly AxisFrame[])[] =>
  volumeKept(posed).map((part): readonly AxisFrame[] =>
    part.kind === 'ellipsoid'
      ? [
          {
            middle: part.centre,
            along: part.axes[0],
            up: part.axes[1],
            across: part.axes[2],
          },
        ]
      : part.samples.map((sample) => ({
          middle: sectionMiddle(sample),
          along: sample.along,
          up: sample.up,
          across: sample.across,
        })),
  );

/** The frame of a part that is nearest to a point, by its place among them. */
export function nearestFrame(frames: readonly AxisFrame[], p: Vec3): number {
  let [best, least] = [0, Infinity];
  for (let i = 0; i < frames.length; i++) {
    const { middle } = frames[i]!;
    const far = (p[0] - middle[0]) ** 2 + (p[1] - middle[1]) ** 2 + (p[2] - middle[2]) ** 2;
    if (far >= least) continue;
    best = i;
    least = far;
  }
  return best;
}

/** A vector in the axes of a frame: along it, up, across. */
export const intoFrame = ({ along, up, across }: AxisFrame, v: Vec3): Vec3 => [
  dot(v, along),
  dot(v, up),
  dot(v, across),
];

/** The same back in the axes of space. */
export const outOfFrame = ({ along, up, across }: AxisFrame, [a, u, c]: Vec3): Vec3 => [
  a * along[0] + u * up[0] + c * across[0],
  a * along[1] + u * up[1] + c * across[1],
  a * along[2] + u * up[2] + c * across[2],
];

/** A point of one stance where the same place is in another, by the same frame of both; `times` is how much larger that is. */
export const movedPoint = (from: AxisFrame, to: AxisFrame, p: Vec3, times: number): Vec3 =>
  add(to.middle, scale(outOfFrame(to, intoFrame(from, sub(p, from.middle))), times));

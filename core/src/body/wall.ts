import type { PosedSkeleton } from '../anatomy/pose.ts';
import { least } from '../geometry/extremes.ts';
import type { Vec3 } from '../geometry/vec3.ts';

/** The wall that a part of a body ends in, mm of the posed size: it lies across one axis. */
export interface Wall {
  /** The axis that it lies across: along the body (0), or from side to side (2). */
  readonly axis: 0 | 2;
  readonly at: number;
  /** Which way along that axis the body is. */
  readonly outward: 1 | -1;
}

/**
 * The wall of a posed part of a body; undefined where it has none. Behind a head it stands at the joint of its
 * column that lies farthest back; beside a relief in its middle, so that the animal's left shows.
 */
export function wallOf({ skeleton, byId }: PosedSkeleton): Wall | undefined {
  const { wall, spine } = skeleton.plan;
  if (wall === undefined) return undefined;
  if (wall === 'beside') return { axis: 2, at: 0, outward: -1 };
  const joints = spine.flatMap((id) => byId.get(id)?.start[0] ?? []);
  return { axis: 0, at: least(joints), outward: 1 };
}

/** How far a place lies in the wall, mm; negative in front of it. */
export const inWallMm = ({ axis, at, outward }: Wall, p: Vec3): number => outward * (at - p[axis]);

/** A place moved square to the wall until it lies so far before it, mm. */
export const beforeWall = ({ axis, at, outward }: Wall, p: Vec3, outMm: number): Vec3 => {
  const there = at + outward * outMm;
  return axis === 0 ? [there, p[1], p[2]] : [p[0], p[1], there];
};

/**
 * A place as one sees it who looks at the wall: how high it is, how far it stands out, and how far to the right,
 * mm.
 */
export const seenOnWall = (wall: Wall, p: Vec3): Vec3 => [
  p[1],
  -inWallMm(wall, p),
  wall.axis === 0 ? -p[2] : -p[0],
];

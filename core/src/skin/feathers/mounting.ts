import type { FanEnd, FeatherRow } from '../../anatomy/plumage.ts';
import { restPose } from '../../anatomy/pose.ts';
import type { Skeleton } from '../../anatomy/skeleton.ts';
import { bladePatterns } from '../../body/bladePattern.ts';
import type { Point2 } from '../../geometry/hull.ts';
import { distance } from '../../geometry/vec3.ts';
import { toRad } from '../../units/angles.ts';
import { FULL } from './vane.ts';

/** Where a feather is rooted and points to in the spread wing or tail laid flat, mm of the model. */
export interface Mount {
  readonly root: Point2;
  /** Direction of its quill, radians from x. */
  readonly angle: number;
}

/** Bones laid flat, each from its start to its end, mm of the model. */
export type FlatBones = ReadonlyMap<string, readonly [Point2, Point2]>;

/** What rows are mounted on: the bones, and to which side of their way feathers turn (1 to the left). */
export interface FlatLimb {
  readonly bones: FlatBones;
  readonly rear: 1 | -1;
}

/**
 * The left wing of an animal as its plan spreads it widest, laid flat and seen from above: its tip to the left, its
 * rear edge below. Undefined where no blade lies on these bones.
 */
export function flatWing(
  skeleton: Skeleton,
  sizeFactor: number,
  keys: readonly string[],
): FlatLimb | undefined {
  const pattern = bladePatterns(skeleton, sizeFactor).find(({ bones }) =>
    keys.every((key) => bones.some((bone) => bone.key === key)),
  );
  if (pattern === undefined) return undefined;
  const [start, end] = pattern.bones.find(({ key }) => key === keys[0])!.ends;
  const n = pattern.outline.length;
  const middle = pattern.outline.reduce<Point2>(
    ([x, y], p) => [x + p[0] / n, y + p[1] / n],
    [0, 0],
  );
  const side =
    (end[0] - start[0]) * (middle[1] - start[1]) - (end[1] - start[1]) * (middle[0] - start[0]);
  // The pattern runs from the root to the right: turned round, or over where it is seen from below.
  const turned = ([x, y]: Point2): Point2 => [-x, side > 0 ? -y : y];
  return {
    bones: new Map(pattern.bones.map(({ key, ends: [a, b] }) => [key, [turned(a), turned(b)]])),
    rear: 1,
  };
}

/** The bone of a tail seen from above, the head above it; its left half lies to the left. Undefined where it has none. */
export function flatTail(
  skeleton: Skeleton,
  sizeFactor: number,
  key: string,
): FlatLimb | undefined {
  const bone = restPose(skeleton).bones.find(({ bone: of }) => of.key === key);
  if (bone === undefined) return undefined;
  const long = distance(bone.start, bone.end) * sizeFactor;
  const ends: readonly [Point2, Point2] = [
    [0, 0],
    [0, -long],
  ];
  return { bones: new Map([[key, ends]]), rear: -1 };
}

const along = ([[x0, y0], [x1, y1]]: readonly [Point2, Point2], share: number): Point2 => [
  x0 + (x1 - x0) * share,
  y0 + (y1 - y0) * share,
];

const angleOf = ({ bones, rear }: FlatLimb, [key, deg]: FanEnd): number => {
  const [start, end] = bones.get(key)!;
  return Math.atan2(end[1] - start[1], end[0] - start[0]) + rear * toRad(deg);
};

/** Where the feathers of a row are mounted, the first before the last: roots and directions evenly between those of its ends. */
export function mountsOf(row: FeatherRow, many: number, limb: FlatLimb): readonly Mount[] {
  const bone = limb.bones.get(row.root.bone)!;
  const first = angleOf(limb, row.fan.first);
  const apart = angleOf(limb, row.fan.last) - first;
  // The shorter way round from the first to the last.
  const turn = apart - 2 * Math.PI * Math.round(apart / (2 * Math.PI));
  return Array.from({ length: many }, (_, i) => {
    const t = many === 1 ? 0 : i / (many - 1);
    return {
      root: along(bone, row.root.first + (row.root.last - row.root.first) * t),
      angle: first + turn * t,
    };
  });
}

/** How far the shafts of two feathers are apart where both are as wide as they get, mm; the same both ways. */
export function apartMm(one: Mount, other: Mount, longMm: number): number {
  return Math.max(
    ...FULL.flatMap((share) => [
      fromLine(one, other, share * longMm),
      fromLine(other, one, share * longMm),
    ]),
  );
}

/** From a point of one shaft, so far along it, to the line of another. */
function fromLine({ root, angle }: Mount, to: Mount, mm: number): number {
  const x = root[0] + Math.cos(angle) * mm - to.root[0];
  const y = root[1] + Math.sin(angle) * mm - to.root[1];
  return Math.abs(x * Math.sin(to.angle) - y * Math.cos(to.angle));
}

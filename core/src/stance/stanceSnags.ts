import { posedBone, type PosedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import { posedBlades } from '../body/blades.ts';
import { innerRadiusMm, type SkinPart } from '../body/skin.ts';
import { greatest } from '../geometry/extremes.ts';
import { dot, sub, type Vec3 } from '../geometry/vec3.ts';
import { depthInGround, type Ground } from '../posing/ground.ts';
import type { Snag } from '../piece/snag.ts';
import type { Bone } from '../anatomy/skeleton.ts';
import { collisions, skinPoints } from './collisions.ts';
import { feetOn, type Perch } from './perch.ts';
import type { GaitPlan } from './planGait.ts';
import type { Footfall, JointAngle } from './stancePlan.ts';

/** Angles beyond their limits. */
export function limitSnags(angles: readonly JointAngle[]): readonly Snag[] {
  return angles.flatMap(({ bone, freedom, angle: { value: deg, range, target } }): Snag[] => {
    const [minDeg, maxDeg] = range ?? [-180, 180];
    if (deg >= minDeg - 1e-6 && deg <= maxDeg + 1e-6) return [];
    return [
      {
        code: 'angle-beyond-limit',
        grade: 'fix',
        stage: 'stance',
        ...(target ? { target } : {}),
        facts: { joint: jointName(bone), freedom, deg, minDeg, maxDeg },
      },
    ];
  });
}

/** The joint of a bone with its side. */
export const jointName = ({ joint, side }: Bone): string =>
  side === 'mid' ? joint.name : `${joint.name}, ${side}`;

/** Feet that hang. */
export const feetSnags = (feet: readonly Footfall[]): readonly Snag[] =>
  feet
    .filter((foot) => foot.down && !foot.touches)
    .map((foot): Snag => ({
      code: 'foot-off-base',
      grade: 'fix',
      stage: 'stance',
      target: { kind: 'contact', id: foot.contact.id },
      facts: { foot: foot.contact.name, gapMm: foot.gapMm },
    }));

/** Feet that are meant to stand on a perch and stand beside it. */
export function perchSnags(
  perch: Perch | null,
  ground: Ground,
  feet: readonly Footfall[],
): readonly Snag[] {
  if (perch === null) return [];
  return feetOn(ground, feet).flatMap(({ contact, ball: [x, , z] }): readonly Snag[] => {
    const { kind, z: sides, diameterMm } = perch;
    const [middleX, middleZ] = [(perch.x[0] + perch.x[1]) / 2, (sides[0] + sides[1]) / 2];
    const overMm =
      kind === 'post'
        ? Math.hypot(x - middleX, z - middleZ) - diameterMm / 2
        : Math.max(sides[0] - z, z - sides[1], perch.x[0] - x, x - perch.x[1]);
    if (overMm <= 0) return [];
    return [
      {
        code: 'foot-off-perch',
        grade: 'fix',
        stage: 'stance',
        target: { kind: 'contact', id: contact.id },
        facts: { foot: contact.name, perch: perch.name, overMm },
      },
    ];
  });
}

/** A moment of a gait at which nothing is on the ground. */
export function suspendedSnags(gait: GaitPlan | null, feet: readonly Footfall[]): readonly Snag[] {
  if (gait === null || feet.some((foot) => foot.down && foot.contact.kind !== 'rod')) return [];
  if (gait.spec.kind === 'wave') return [];
  const facts = { gait: gait.spec.name.toLowerCase() };
  return [{ code: 'suspended', grade: 'watch', stage: 'stance', facts }];
}

/** Less than this is pressed aside with a thumb, mm. */
const PRESSED_MM = 0.5;

/** How far along a bone a point lies, percent. */
function alongOf({ start, end }: PosedBone, at: Vec3): number {
  const way = sub(end, start);
  const share = dot(sub(at, start), way) / dot(way, way);
  return Math.round(100 * Math.min(1, Math.max(0, share)));
}

/** Limbs that go through each other or the body. */
export function meetingSnags(posed: PosedSkeleton, folded: readonly string[]): readonly Snag[] {
  const found = collisions(posed, folded).filter(({ depthMm }) => depthMm > PRESSED_MM);
  const [worst] = found;
  if (worst === undefined) return [];
  const name = (id: string): string => posedBone(posed, id).bone.name;
  const second = name(worst.second);
  return [
    {
      code: 'limbs-meet',
      grade: 'fix',
      stage: 'stance',
      target: { kind: 'bone', id: worst.first },
      facts: {
        first: name(worst.first),
        second: second.charAt(0).toLowerCase() + second.slice(1),
        mm: worst.depthMm,
        percent: alongOf(posedBone(posed, worst.first), worst.at),
        others: found.length - 1,
      },
    },
  ];
}

/** Flesh may sink this much of its own thickness into the ground: it is flattened there. */
const FLATTENED = 0.5;

interface Depth {
  readonly bone: Bone;
  readonly mm: number;
  /** In what stands on the base, not in the base. */
  readonly inPerch: boolean;
}

/** How deep the deepest of some points lies in the ground, mm, and whether in what stands on the base. */
function deepest(ground: Ground, points: readonly Vec3[]): Omit<Depth, 'bone'> {
  const depths = points.map((p) => depthInGround(ground, p));
  const mm = greatest(depths);
  const at = points[depths.indexOf(mm)];
  return { mm, inPerch: at !== undefined && mm > -at[1] + 1e-6 };
}

/** The deepest flesh, fin or wing inside the ground, apart from feet that stand on it. */
export function groundSnags(
  posed: PosedSkeleton,
  skin: readonly SkinPart[],
  ground: Ground,
  perch: Perch | null,
  lifted: readonly string[],
): readonly Snag[] {
  const feet = new Set(
    posed.skeleton.plan.contacts.flatMap(({ id, bone }) => (lifted.includes(id) ? [] : [bone])),
  );
  const depths: Depth[] = [];
  for (const part of skin) {
    const { bone } = posedBone(posed, part.boneId);
    if (feet.has(bone.id) || feet.has(bone.parent ?? '')) continue;
    const thick = 2 * innerRadiusMm(part);
    const deep = deepest(ground, skinPoints(part));
    if (deep.mm > Math.max(PRESSED_MM, FLATTENED * thick)) depths.push({ bone, ...deep });
  }
  for (const { blade, outline } of posedBlades(posed)) {
    const deep = deepest(ground, outline);
    const bone = posed.bones.find((of) => of.bone.key === blade.outline[0]!.bone)?.bone;
    if (bone !== undefined && !feet.has(bone.id) && deep.mm > PRESSED_MM)
      depths.push({ bone, ...deep });
  }
  const worst = depths.reduce<Depth | undefined>(
    (a, b) => (a === undefined || b.mm > a.mm ? b : a),
    undefined,
  );
  if (worst === undefined) return [];
  const part = worst.bone.name.charAt(0).toLowerCase() + worst.bone.name.slice(1);
  if (perch !== null && worst.inPerch)
    return [
      {
        code: 'through-perch',
        grade: 'fix',
        stage: 'stance',
        target: { kind: 'bone', id: worst.bone.id },
        facts: { part, perch: perch.name, mm: worst.mm },
      },
    ];
  return [
    {
      code: 'body-in-ground',
      grade: 'watch',
      stage: 'stance',
      target: { kind: 'bone', id: worst.bone.id },
      facts: { part, mm: worst.mm },
    },
  ];
}

import { posedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import { innerRadiusMm, partBox, type SkinPart } from '../body/skin.ts';
import { groundHeight, type Ground } from '../posing/ground.ts';
import type { Snag } from '../piece/snag.ts';
import type { Bone } from '../anatomy/skeleton.ts';
import { collisions } from './collisions.ts';
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

/** Feet that hang, and too few points of fixing. */
export function feetSnags(feet: readonly Footfall[]): readonly Snag[] {
  const hanging = feet
    .filter((foot) => foot.down && !foot.touches)
    .map((foot): Snag => ({
      code: 'foot-off-base',
      grade: 'fix',
      stage: 'stance',
      target: { kind: 'contact', id: foot.contact.id },
      facts: { foot: foot.contact.name, gapMm: foot.gapMm },
    }));
  const down = feet.filter((foot) => foot.down && foot.touches).length;
  if (down >= 2) return hanging;
  return [...hanging, { code: 'too-few-feet', grade: 'fix', stage: 'stance', facts: { down } }];
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
        others: found.length - 1,
      },
    },
  ];
}

/** Flesh may sink this much of its own thickness into the ground: it is flattened there. */
const FLATTENED = 0.5;

/** The deepest flesh inside the ground, apart from feet that stand on it. */
export function groundSnags(
  posed: PosedSkeleton,
  skin: readonly SkinPart[],
  ground: Ground,
  lifted: readonly string[],
): readonly Snag[] {
  const feet = new Set(
    posed.skeleton.plan.contacts.flatMap(({ id, bone }) => (lifted.includes(id) ? [] : [bone])),
  );
  const depths = skin.flatMap((part) => {
    const { bone } = posedBone(posed, part.boneId);
    if (feet.has(bone.id) || feet.has(bone.parent ?? '')) return [];
    const { min, max } = partBox(part);
    const thick = 2 * innerRadiusMm(part);
    const mm = groundHeight(ground, (min[0] + max[0]) / 2) - min[1];
    return mm > Math.max(PRESSED_MM, FLATTENED * thick) ? [{ bone, mm }] : [];
  });
  const worst = depths.reduce<(typeof depths)[number] | undefined>(
    (a, b) => (a === undefined || b.mm > a.mm ? b : a),
    undefined,
  );
  if (worst === undefined) return [];
  const part = worst.bone.name.charAt(0).toLowerCase() + worst.bone.name.slice(1);
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

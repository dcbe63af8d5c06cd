import { zoneOf } from '../anatomy/coat.ts';
import type { PosedSkeleton } from '../anatomy/pose.ts';
import { cross, dot, length, sub, type Vec3 } from '../geometry/vec3.ts';
import { bonesBetween, fillsSegment, posedMuscles } from './muscles.ts';
import { inSkin, OUTMOST } from './thinned.ts';

/** A muscle that shows in the skin over it: a low swelling in a shallow furrow, mm of the posed size. */
export interface MuscleRelief {
  readonly centre: Vec3;
  /** Unit: along the muscle, across it, and out to the skin. */
  readonly along: Vec3;
  readonly across: Vec3;
  readonly out: Vec3;
  /** Half the length and width of swelling and furrow, between them half the thickness of the belly. */
  readonly half: readonly [number, number, number];
  readonly riseMm: number;
  /** Bones whose skin it shows in. */
  readonly bones: ReadonlySet<string>;
}

/** How high a muscle stands in the skin, in half thicknesses of its belly: a rough rule of modellers. */
const RISE_SHARE = 0.2;
/** The furrow lies outside the belly: swelling and furrow are so much longer and wider than it. */
const SPREAD = 1.5;
/** Hair of more than this, life mm, hides in proportion what lies under it; feathers and scales hide it all. */
const HIDING_MM = 25;

/** The superficial muscles of a stance as they show in the skin; those in the midline and in arthropods do not. */
export function muscleReliefs(posed: PosedSkeleton): readonly MuscleRelief[] {
  const { coat } = posed.skeleton.animal;
  return posedMuscles(posed).flatMap(({ muscle, centre, axes, radii }): MuscleRelief[] => {
    if (muscle.side === 'mid' || fillsSegment(muscle.spec)) return [];
    const zone = zoneOf(coat, posed.byId.get(muscle.origin.boneId)!.bone.key, 'side');
    const isCovered = ['feather', 'down', 'scale'].includes(zone?.covering ?? 'hair');
    const hidden = isCovered ? 0 : Math.min(1, HIDING_MM / Math.max(1, zone?.hair?.mm ?? 0));
    const riseMm = RISE_SHARE * radii[1] * hidden;
    if (riseMm === 0) return [];
    const [along, out] = axes;
    return [
      {
        ...{ centre, along, out, across: cross(along, out), riseMm },
        half: [SPREAD * radii[0], radii[1], SPREAD * radii[2]],
        bones: bonesBetween(posed.skeleton, muscle.origin.boneId, muscle.insertion.boneId),
      },
    ];
  });
}

/**
 * How far a muscle raises the skin at a place, mm, less than nothing in its furrow: rise·(1 − ρ²)²·(1 − 4ρ²), ρ
 * from its middle to its rim, which takes and gives nothing over the whole ellipse: with u = ρ² the integral of
 * (1 − u)²·(1 − 4u) from 0 to 1 is 1 − 3 + 3 − 1 = 0.
 */
export function raisedMm(
  { centre, along, across, out, half: [a, t, b], riseMm }: MuscleRelief,
  here: Vec3,
): number {
  const p = sub(here, centre);
  const u = (dot(p, along) / a) ** 2 + (dot(p, across) / b) ** 2;
  if (u >= 1) return 0;
  return riseMm * (1 - u) ** 2 * (1 - 4 * u) * inSkin(dot(p, out) / t);
}

/** Whether a muscle may reach a ball. */
export const mayReach = ({ centre, half }: MuscleRelief, middle: Vec3, radiusMm: number): boolean =>
  length(sub(middle, centre)) < radiusMm + Math.hypot(half[0], half[2], (OUTMOST + 1) * half[1]);

import { least } from '../geometry/extremes.ts';
import { planFor } from '../anatomy/planFor.ts';
import { buildSkeleton } from '../anatomy/skeleton.ts';
import type { Subject } from '../anatomy/subjectType.ts';
import { poseSkeleton } from '../anatomy/pose.ts';
import { radiusOn, thinnestRadius } from '../body/runRadius.ts';
import { skinParts } from '../body/skin.ts';
import { fleshParts } from '../body/fleshParts.ts';
import { skinDistance } from '../body/surfaceDistance.ts';
import { settledStance } from '../posing/settledStance.ts';

/** Diameters of wire that shops have, mm, thickest first; a new piece takes none above the first. */
const SIZES_MM = [1.6, 1.2, 1, 0.8, 0.6, 0.5, 0.4, 0.3] as const;

/** Clay over a wire, thickest wish first: slender legs bear less. Common practice. */
const COVERS_MM = [1, 0.5, 0.3] as const;

/** Wires that a new piece begins with, by what its limbs can hide at its scale. */
export interface FirstWires {
  readonly coverMm: number;
  readonly spineMm: number;
  readonly limbsMm: Readonly<Record<string, number>>;
}

/**
 * The thickest wires of the shop that every limb can hide under the most clay that still lets all of
 * them be made; the finest under the least where none can, which the wire stage then tells.
 */
export function firstWires(subject: Subject, lifePerModel: number): FirstWires {
  const { plan: general, animal } = subject;
  const plan = planFor(general, animal);
  const flesh = skinParts(poseSkeleton(buildSkeleton(general, animal), {}));
  const radius = (boneId: string, at?: number): number =>
    (HIDDEN_SHARE *
      (at === undefined ? thinnestRadius(flesh, boneId) : radiusOn(flesh, boneId, at))) /
    lifePerModel;
  const limbs = plan.limbPairs.map((pair) => ({
    id: pair.id,
    radiusMm: least(pair.left.bones.slice(1).map((id) => radius(id))),
    crossing: pair.left.bones[0],
  }));
  // Two strands run in the spine, one in the tail; it ends before its first and last bone do.
  const ends = new Map([
    [plan.spine[0], plan.spineEnds.tail.reach],
    [plan.spine.at(-1), plan.spineEnds.head.reach],
  ]);
  const spineRadius = least(
    plan.spine.map((id) => {
      const hidden = radius(id, ends.get(id));
      return plan.tailBones.includes(id) ? hidden : hidden / 2;
    }),
  );
  const thinnest = Math.min(spineRadius, least(limbs.map((limb) => limb.radiusMm)));
  const coverMm =
    COVERS_MM.find((cover) => 2 * (thinnest - cover) >= LEAST_HANDY_MM) ?? COVERS_MM.at(-1)!;
  const thickest = (radiusMm: number): number =>
    SIZES_MM.find((d) => d <= 2 * (radiusMm - coverMm) - SPARE_MM) ?? SIZES_MM.at(-1)!;
  const spineMm = thickest(spineRadius);
  const hides = crossings(subject, lifePerModel, ropeDiameter(spineMm), coverMm);
  return {
    coverMm,
    spineMm,
    limbsMm: Object.fromEntries(
      limbs.map(({ id, radiusMm, crossing }) => {
        const inLimb = thickest(radiusMm);
        const least = SIZES_MM.at(-1)!;
        const size = SIZES_MM.find((d) => d <= inLimb && hides(crossing, d)) ?? least;
        return [id, size];
      }),
    ),
  };
}

/** Two strands side by side. */
const ropeDiameter = (strandMm: number): number => 2 * strandMm;

/** Whether a wire that crosses on top of the spine, at the joint of a bone, is still covered there. */
function crossings(
  { plan, animal }: Subject,
  lifePerModel: number,
  ropeMm: number,
  coverMm: number,
): (boneId: string | undefined, diameterMm: number) => boolean {
  const skeleton = buildSkeleton(plan, animal);
  const posed = settledStance(
    skeleton,
    { presetId: animal.usualStance ?? plan.stances[0]?.id ?? '', anglesDeg: {}, lifted: null },
    1 / lifePerModel,
  );
  const skin = fleshParts(posed);
  return (boneId, diameterMm) => {
    const joint = boneId === undefined ? undefined : posed.byId.get(boneId);
    if (joint === undefined) return true;
    const [x, y, z] = joint.start;
    const above = y + (ropeMm + diameterMm) / 2;
    return -skinDistance(skin, [x, above, z]) - diameterMm / 2 >= coverMm + SPARE_MM;
  };
}

/** Wire thinner than this is fiddly to bend: rather less clay over it. Common practice. */
const LEAST_HANDY_MM = 0.8;

/** In a limb that tapers or bends the skin is nearer to its wire than half its thickness, by so much. */
const HIDDEN_SHARE = 0.9;

/** So that a wire does not just fit by rounding, mm. */
const SPARE_MM = 0.05;

import { posedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import { turn } from '../geometry/quat.ts';
import { add, scale } from '../geometry/vec3.ts';
import type { BoneMass } from './bodyGrid.ts';
import type { PlacedMass } from './supports.ts';
import { thinSections } from './thinSections.ts';

/** Mean density of clay over foil and wire until Mass has told it, g/ml: common practice, memory. */
export const FIRST_DENSITY = 1.3;

/** The flesh of each bone where a stance has it, of one density, g. */
export const placedFlesh = (
  posed: PosedSkeleton,
  bones: readonly BoneMass[],
  gPerMl: number,
): readonly PlacedMass[] =>
  bones.map(({ boneId, volumeMm3, centre }) => {
    const { start, rotation } = posedBone(posed, boneId);
    return {
      boneId,
      at: add(start, turn(rotation, scale(centre, posed.sizeFactor))),
      grams: (volumeMm3 * posed.sizeFactor ** 3 * gPerMl) / 1000,
    };
  });

/** Weights of a stance before its body is worked out: thin sections of one density. */
export const firstMasses = (posed: PosedSkeleton): readonly PlacedMass[] =>
  placedFlesh(posed, thinSections(posed.skeleton), FIRST_DENSITY);

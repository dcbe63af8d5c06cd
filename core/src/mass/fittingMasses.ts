import { posedBone, type PosedSkeleton } from '../anatomy/pose.ts';
import type { PlacedMass } from '../body/supports.ts';
import type { Fitting } from '../fittings/fittingsPlan.ts';
import { lerp } from '../geometry/vec3.ts';

/**
 * What the parts made apart of a posed model weigh beyond its clay, g, each piece halfway along itself; what no drawing
 * shows at the ends of its bones. Eyes of clay add nothing, eyes of glass what they are heavier than the clay that they
 * take the place of.
 */
export const fittingMasses = (
  posed: PosedSkeleton,
  fittings: readonly Fitting[],
): readonly PlacedMass[] =>
  fittings.flatMap(({ placedG, pieces, boneId }): readonly PlacedMass[] => {
    if (placedG === 0) return [];
    if (pieces.length > 0) {
      const whole = pieces.reduce((sum, { volumeMm3 }) => sum + volumeMm3, 0);
      return pieces.map(({ boneId: on, root, tip, volumeMm3 }) => ({
        boneId: on,
        at: lerp(root, tip, 0.5),
        grams: (placedG * volumeMm3) / whole,
      }));
    }
    const { bone } = posedBone(posed, boneId);
    const on = [...new Set([bone.id, bone.image])].filter((id) => posed.byId.has(id));
    return on.map((id) => ({
      boneId: id,
      at: posedBone(posed, id).end,
      grams: placedG / on.length,
    }));
  });

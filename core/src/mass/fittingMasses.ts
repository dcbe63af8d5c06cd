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
      const weights = pieces.map(({ root, tip }) =>
        Math.max(1e-9, (tip[0] - root[0]) ** 2 + (tip[1] - root[1]) ** 2 + (tip[2] - root[2]) ** 2),
      );
      const whole = weights.reduce((sum, weight) => sum + weight ** 1.5, 0);
      return pieces.map((piece, i) => ({
        boneId: piece.boneId,
        at: lerp(piece.root, piece.tip, 0.5),
        // Alike pieces weigh as the cubes of their lengths.
        grams: (placedG * weights[i]! ** 1.5) / whole,
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

import type { PosedSkeleton } from '../anatomy/pose.ts';
import { facePads } from './facePads.ts';
import { apartLines } from './apartSkin.ts';
import { faceShapes, type FaceShape } from './faceShapes.ts';
import type { FaceOnSkin } from './faceRelief.ts';
import type { SkinSurface } from './skinSurface.ts';

/**
 * The face of a posed model on its skin, with what stands off it as fine as a line; null for an animal whose face is not
 * known; of some of its bones alone where they are named.
 */
export function faceOn(
  posed: PosedSkeleton,
  skin: SkinSurface,
  bones: ReadonlySet<string> | null = null,
): FaceOnSkin | null {
  const { face } = posed.skeleton.animal;
  if (face === undefined) return null;
  const thin = apartLines(posed, skin.cellMm, bones).map((points): FaceShape => ({
    ...{ hex: null, points, out: null, closed: false },
  }));
  return {
    shapes: [...faceShapes(posed, bones), ...thin],
    padHexes: face.pads.map(({ hex }) => hex),
    pads: facePads(posed, skin),
  };
}

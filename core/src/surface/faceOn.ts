import type { PosedSkeleton } from '../anatomy/pose.ts';
import { facePads } from './facePads.ts';
import { faceShapes } from './faceShapes.ts';
import type { FaceOnSkin } from './faceRelief.ts';
import type { SkinSurface } from './skinSurface.ts';

/** The face of a posed model on its skin; null for an animal whose face is not known. */
export function faceOn(posed: PosedSkeleton, skin: SkinSurface): FaceOnSkin | null {
  const { face } = posed.skeleton.animal;
  if (face === undefined) return null;
  return {
    shapes: faceShapes(posed),
    padHexes: face.pads.map(({ hex }) => hex),
    pads: facePads(posed, skin),
  };
}

import type { PosedSkeleton } from '../anatomy/pose.ts';
import { posedMuscles } from './muscles.ts';
import { skinParts, type SkinPart } from './skin.ts';

/**
 * The flesh of a stance with the muscles that the user made larger: they stand out of the library's
 * outline. The others lie within it.
 */
export function fleshParts(posed: PosedSkeleton): readonly SkinPart[] {
  const skin = skinParts(posed);
  const { bulk } = posed.skeleton;
  if (!Object.values(bulk).some((factor) => factor > 1)) return skin;
  return [
    ...skin,
    ...posedMuscles(posed).filter((posedMuscle) => (bulk[posedMuscle.muscle.spec.id] ?? 1) > 1),
  ];
}

import { animalById, planById } from '../anatomy/registry.ts';
import { buildSkeleton, type Skeleton } from '../anatomy/skeleton.ts';

/** The skeleton of an animal of the library. */
export function skeletonOf(id: string): Skeleton {
  const animal = animalById(id)!;
  return buildSkeleton(planById(animal.planId)!, animal);
}

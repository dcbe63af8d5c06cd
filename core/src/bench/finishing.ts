import type { Skeleton } from '../anatomy/skeleton.ts';

/** Plans whose animals have no lids to close over an eye. */
const LIDLESS = ['serpent', 'spider', 'insect'];
/** Plans whose animals have a moist nose. */
const NOSED = ['four-footed-mammal'];

const planOf = ({ plan }: Skeleton): string => plan.id.split('+')[0]!;

/** Whether the eyes of an animal have lids: fish, with their scales, have none either. */
export function hasLids(skeleton: Skeleton): boolean {
  const id = planOf(skeleton);
  const scaly = skeleton.animal.coat.some(({ covering }) => covering === 'scale');
  return !LIDLESS.includes(id) && !(id === 'swimmer' && scaly);
}

/** Whether an animal has a nose that shines. */
export const hasNose = (skeleton: Skeleton): boolean => NOSED.includes(planOf(skeleton));

/** Whether an animal has muscles that are laid one by one; an arthropod has its shell. */
export const hasMuscles = ({ plan }: Skeleton): boolean => plan.muscles.length > 0;

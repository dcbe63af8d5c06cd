import type { StanceSpec } from '../anatomy/bodyPlan.ts';
import { poseSkeleton, posedBone, type JointAngles, type PosedSkeleton } from '../anatomy/pose.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import { plantFeet } from './planting.ts';
import { padRadiusMm, skinBox, skinParts } from './skin.ts';

/** What decides a stance: a stance of the plan, and the angles (degrees) the user put in place. */
export interface StanceChoice {
  readonly presetId: string;
  readonly anglesDeg: JointAngles;
  /** Feet meant to be off the ground; null keeps those of the preset. */
  readonly lifted: readonly string[] | null;
}

/** A stance of the plan by id, or its first. */
export function presetOf(skeleton: Skeleton, presetId: string): StanceSpec {
  const { stances } = skeleton.plan;
  const found = stances.find((stance) => stance.id === presetId) ?? stances[0];
  if (found === undefined) throw new Error(`plan ${skeleton.plan.id} offers no stance`);
  return found;
}

const presetCache = new WeakMap<Skeleton, Map<string, JointAngles>>();

/** A preset's angles with its standing feet planted on this skeleton. Remembered per skeleton. */
export function presetAngles(skeleton: Skeleton, presetId: string): JointAngles {
  const known = presetCache.get(skeleton) ?? new Map<string, JointAngles>();
  presetCache.set(skeleton, known);
  const preset = presetOf(skeleton, presetId);
  const found = known.get(preset.id);
  if (found !== undefined) return found;
  const down = skeleton.plan.contacts.filter((contact) => !preset.lifted.includes(contact.id));
  const planted = plantFeet(skeleton, preset.anglesDeg, down);
  known.set(preset.id, planted);
  return planted;
}

/** All joint angles of a choice: the planted preset, with the user's angles over it. */
export function stanceAngles(skeleton: Skeleton, choice: StanceChoice): JointAngles {
  const merged: Record<string, JointAngles[string]> = {
    ...presetAngles(skeleton, choice.presetId),
  };
  for (const [id, own] of Object.entries(choice.anglesDeg)) merged[id] = { ...merged[id], ...own };
  return merged;
}

/**
 * Poses a choice and lets the whole body down until its lowest foot lies on the ground (y = 0); a
 * body without feet comes down on its lowest skin, and one that is carried by a rod, or has no foot
 * down, is held `rodMm` above the ground.
 * `sizeFactor` 1 is life size. `rodMm` and the result are mm of that size.
 */
export function settledStance(
  skeleton: Skeleton,
  choice: StanceChoice,
  sizeFactor = 1,
  rodMm = 0,
): PosedSkeleton {
  const angles = stanceAngles(skeleton, choice);
  const hung = poseSkeleton(skeleton, angles, sizeFactor);
  return poseSkeleton(
    skeleton,
    angles,
    sizeFactor,
    -lowestMm(hung, liftedIn(skeleton, choice), rodMm),
  );
}

/** Feet off the ground in a choice: the user's, or the preset's. */
export const liftedIn = (skeleton: Skeleton, choice: StanceChoice): readonly string[] =>
  choice.lifted ?? presetOf(skeleton, choice.presetId).lifted;

/** Whether nothing of a body meets the ground: it flies, leaps or swims, and needs a rod. */
export const isAloft = (skeleton: Skeleton, lifted: readonly string[]): boolean =>
  skeleton.plan.contacts.every((contact) => lifted.includes(contact.id));

/** What comes to lie on the ground: the lowest sole, or the lowest skin less the length of a rod. */
function lowestMm(hung: PosedSkeleton, lifted: readonly string[], rodMm: number): number {
  const { contacts } = hung.skeleton.plan;
  const soles = contacts
    .filter((contact) => contact.kind === 'foot')
    .map(({ bone }) => posedBone(hung, bone).end[1] - padRadiusMm(hung, bone));
  if (soles.length > 0 && !isAloft(hung.skeleton, lifted)) return Math.min(...soles);
  const rests = contacts.some((contact) => contact.kind === 'rest');
  return skinBox(skinParts(hung)).min[1] - (rests ? 0 : rodMm);
}

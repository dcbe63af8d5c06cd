import type { Animal } from './animal.ts';
import type { BodyPlan, PartKind } from './bodyPlan.ts';
import { grown } from './sizing.ts';

/** Which individual of an animal: a sex by name, and how young, 0 grown up to 1 new-born. */
export interface Individual {
  readonly sex: string | null;
  readonly juvenility: number;
}

/** What a body is made of where young ones differ from grown ones. */
export const JUVENILE_PARTS = ['head', 'eye', 'feet', 'limbs', 'tail', 'trunk'] as const;
export type JuvenilePart = (typeof JUVENILE_PARTS)[number];

/**
 * New-born size over grown size, by part: general knowledge of mammals, birds and reptiles, rounded
 * and the same for all (memory; check it against pictures of the young animal).
 */
export const NEW_BORN: Readonly<Record<JuvenilePart, number>> = {
  trunk: 0.3,
  head: 0.44,
  eye: 0.52,
  feet: 0.4,
  limbs: 0.33,
  tail: 0.27,
};

/** Size of a part at a juvenility from 0 to 1, over its grown size: straight between the two. */
export const juvenileFactor = (part: JuvenilePart, juvenility: number): number =>
  1 + (NEW_BORN[part] - 1) * juvenility;

/** Whether young ones can be told for a plan: it takes a skull; larvae and fry are other shapes. */
export const knowsJuveniles = (plan: BodyPlan): boolean =>
  plan.bones.some((bone) => bone.key === 'skull') && plan.parts.some((p) => p.kind === 'limbs');

const OF_KIND: Readonly<Partial<Record<PartKind, JuvenilePart>>> = {
  limbs: 'limbs',
  wings: 'limbs',
  tail: 'tail',
};

/** What being young makes of a bone: skulls and bills are head, hands and feet are feet. */
export function juvenilePartOf(plan: BodyPlan, key: string): JuvenilePart {
  if (/skull|bill/i.test(key)) return 'head';
  if (/digits|metacarpus|metatarsus|hallux/i.test(key)) return 'feet';
  const kind = plan.parts.find((part) => part.keys.includes(key))?.kind;
  return (kind && OF_KIND[kind]) ?? 'trunk';
}

/**
 * The animal as one individual of it: its sex's size, and how young it is. Bones keep their ranges, scaled;
 * what whole animals weigh and measure is known for grown ones of both sexes only, so it is left out
 * where the individual is young.
 */
export function individual(plan: BodyPlan, animal: Animal, which: Individual): Animal {
  const bySex = animal.sexes?.find((sex) => sex.name === which.sex)?.size ?? 1;
  const juvenility = knowsJuveniles(plan) ? which.juvenility : 0;
  if (bySex === 1 && juvenility === 0) return animal;
  const of = (part: JuvenilePart): number => bySex * juvenileFactor(part, juvenility);
  const byKey = (key: string): number => of(juvenilePartOf(plan, key));
  const changed = grown(animal, {
    lengthBy: byKey,
    fleshBy: byKey,
    eyeBy: of('eye'),
    wholeBy: of('trunk'),
  });
  return juvenility === 0 ? { ...changed, ranges: animal.ranges } : changed;
}

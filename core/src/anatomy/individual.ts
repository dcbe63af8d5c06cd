import type { Animal } from './animal.ts';
import type { BodyPlan, PartKind } from './bodyPlan.ts';
import { grown } from './sizing.ts';

/** Which individual of an animal: a sex by name, and how young, 0 grown up to 1 new-born. */
export interface Figure {
  readonly sex: string | null;
  readonly youth: number;
}

/** What a body is made of where young ones differ from grown ones. */
export const YOUTH_PARTS = ['head', 'eye', 'feet', 'limbs', 'tail', 'trunk'] as const;
export type YouthPart = (typeof YOUTH_PARTS)[number];

/**
 * New-born size over grown size, by part: general knowledge of mammals, birds and reptiles, rounded
 * and the same for all (memory; check it against pictures of the young animal).
 */
export const NEW_BORN: Readonly<Record<YouthPart, number>> = {
  trunk: 0.3,
  head: 0.44,
  eye: 0.52,
  feet: 0.4,
  limbs: 0.33,
  tail: 0.27,
};

/** Size of a part at a youth from 0 to 1, over its grown size: straight between the two. */
export const youthFactor = (part: YouthPart, youth: number): number =>
  1 + (NEW_BORN[part] - 1) * youth;

/** Whether youth can be told for a plan: it takes a skull; larvae and fry are other shapes. */
export const knowsYouth = (plan: BodyPlan): boolean =>
  plan.bones.some((bone) => bone.key === 'skull') && plan.parts.some((p) => p.kind === 'limbs');

const OF_KIND: Readonly<Partial<Record<PartKind, YouthPart>>> = {
  limbs: 'limbs',
  wings: 'limbs',
  tail: 'tail',
};

/** What youth makes of a bone: skulls and bills are head, hands and feet are feet. */
export function youthPartOf(plan: BodyPlan, key: string): YouthPart {
  if (/skull|bill/i.test(key)) return 'head';
  if (/digits|metacarpus|metatarsus|hallux/i.test(key)) return 'feet';
  const kind = plan.parts.find((part) => part.keys.includes(key))?.kind;
  return (kind && OF_KIND[kind]) ?? 'trunk';
}

/**
 * The animal as one individual of it: its sex's size, and its youth. Bones keep their ranges, scaled;
 * what whole animals weigh and measure is known for grown ones of both sexes only, so it is left out
 * where the individual is young.
 */
export function individual(plan: BodyPlan, animal: Animal, figure: Figure): Animal {
  const bySex = animal.sexes?.find((sex) => sex.name === figure.sex)?.size ?? 1;
  const youth = knowsYouth(plan) ? figure.youth : 0;
  if (bySex === 1 && youth === 0) return animal;
  const of = (part: YouthPart): number => bySex * youthFactor(part, youth);
  const byKey = (key: string): number => of(youthPartOf(plan, key));
  const changed = grown(animal, {
    lengthBy: byKey,
    fleshBy: byKey,
    eyeBy: of('eye'),
    wholeBy: of('trunk'),
  });
  return youth === 0 ? { ...changed, ranges: animal.ranges } : changed;
}

import type { Animal } from './animal.ts';
import type { BodyPlan, PartKind } from './bodyPlan.ts';
import type { CoatZone, RoughSize } from './coat.ts';
import { grown, sizedBy } from './sizing.ts';

/** Which individual of an animal: a sex by name, and how young, 0 grown up to 1 new-born. */
export interface Individual {
  readonly sex: string | null;
  readonly juvenility: number;
}

/** What a body is made of where young ones differ from grown ones. */
export const JUVENILE_PARTS = ['head', 'eye', 'feet', 'limbs', 'tail', 'trunk', 'flight'] as const;
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
  // Quills that have hardly broken the skin.
  flight: 0.04,
};

/** From this on a young bird is in down. General knowledge, from memory. */
const DOWNY = 0.5;
/** Length of a tuft of down against the feather that comes after it, and its width against its length. Common practice. */
const DOWN = { long: 0.6, wide: 0.3 } as const;

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
  if (key === 'primaries') return 'flight';
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
  if (juvenility === 0) return { ...changed, ranges: animal.ranges };
  return {
    ...changed,
    ...(animal.plumage && {
      plumage: animal.plumage.map((row) => ({
        ...row,
        grown: juvenileFactor('flight', juvenility),
      })),
    }),
    ...(juvenility >= DOWNY && {
      coat: changed.coat.map((zone) => downy(zone, animal.downHex)),
      // What is marked on feathers comes with them.
      ...(hasFeathers(animal) && { markings: [] }),
    }),
  };
}

const hasFeathers = ({ coat }: Animal): boolean =>
  coat.some(({ covering }) => covering === 'feather');

/** A feathered zone of the coat as a nestling has it. */
function downy(zone: CoatZone, hex = zone.hex): CoatZone {
  if (zone.covering !== 'feather' || zone.hair === null) return zone;
  const long: RoughSize = sizedBy(zone.hair, DOWN.long);
  return { ...zone, covering: 'down', hair: long, lock: sizedBy(long, DOWN.wide), hex };
}

import type { BodyPlan } from '../bodyPlan.ts';
import { BIRD_PLAN } from './bird.ts';
import { FOUR_FOOTED_MAMMAL } from './fourFootedMammal.ts';
import { INSECT_PLAN } from './insect.ts';
import { PTEROSAUR_PLAN } from './pterosaur.ts';
import { SERPENT_PLAN } from './serpent.ts';
import { SPIDER_PLAN } from './spider.ts';
import { SPRAWLING_REPTILE } from './sprawlingReptile.ts';
import { SWIMMER_PLAN } from './swimmer.ts';
import { TWO_LEGGED_THEROPOD } from './twoLeggedTheropod.ts';

/**
 * Every body plan that ships, in the order in which they are offered. Creatures of one's own are
 * composed from their parts: see `composeCreature`.
 */
export const BODY_PLANS: readonly BodyPlan[] = Object.freeze([
  FOUR_FOOTED_MAMMAL,
  TWO_LEGGED_THEROPOD,
  BIRD_PLAN,
  PTEROSAUR_PLAN,
  SERPENT_PLAN,
  SPRAWLING_REPTILE,
  SPIDER_PLAN,
  INSECT_PLAN,
  SWIMMER_PLAN,
]);

import type { Animal } from './animal.ts';
import { ANIMALS } from './animals/index.ts';
import type { BodyPlan } from './bodyPlan.ts';
import { BODY_PLANS } from './plans/index.ts';

export { ANIMALS, BODY_PLANS };

/** The plan with this id, or undefined. */
export const planById = (id: string): BodyPlan | undefined =>
  BODY_PLANS.find((plan) => plan.id === id);

/** The animal with this id, or undefined. */
export const animalById = (id: string): Animal | undefined =>
  ANIMALS.find((animal) => animal.id === id);

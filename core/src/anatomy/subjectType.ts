import type { Animal } from './animal.ts';
import type { BodyPlan } from './bodyPlan.ts';

/** An animal with the plan it is on. */
export interface Subject {
  readonly plan: BodyPlan;
  readonly animal: Animal;
}

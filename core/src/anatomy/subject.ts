import { type Subject } from './subjectType.ts';
import { composeCreature } from './composeCreature.ts';
import type { Creature } from './creature.ts';
import { animalById, planById } from './registry.ts';

/** What a piece is of: its own animal, or one of the library. Undefined where there is no such one. */
export function findSubject(measure: {
  readonly animalId: string;
  readonly creature: Creature | null;
}): Subject | undefined {
  if (measure.creature !== null) return composeCreature(measure.creature);
  const animal = animalById(measure.animalId);
  const plan = animal && planById(animal.planId);
  return animal && plan && { plan, animal };
}

/** The same, where it must exist; throws otherwise, which reading a document excludes. */
export function subjectOf(measure: {
  readonly animalId: string;
  readonly creature: Creature | null;
}): Subject {
  const found = findSubject(measure);
  if (found === undefined) throw new Error(`no animal ${measure.animalId}`);
  return found;
}

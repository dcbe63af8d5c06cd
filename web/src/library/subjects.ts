import * as say from './words.ts';
import {
  BODY_PLANS,
  ANIMALS,
  findSubject,
  planById,
  type Creature,
  type Subject,
} from '@keen-sinew/core';

/** Own animals are told from the library's by this before their id. */
export const OWN = 'own:';

/** One entry of the list of animals. */
export interface ListedAnimal {
  readonly ref: string;
  readonly name: string;
  readonly latin: string;
}

/** The library by body plan, and the animals of one's own behind it. */
export function listedGroups(creatures: readonly Creature[]): readonly {
  readonly id: string;
  readonly name: string;
  readonly animals: readonly ListedAnimal[];
}[] {
  const shipped = BODY_PLANS.map((plan) => ({
    id: plan.id,
    name: plan.name,
    animals: ANIMALS.filter((animal) => animal.planId === plan.id).map((animal) => ({
      ref: animal.id,
      name: animal.name,
      latin: animal.latin,
    })),
  }));
  return [
    ...shipped,
    {
      id: 'own',
      name: say.yourOwn,
      animals: creatures.map((creature) => ({
        ref: OWN + creature.id,
        name: creature.name,
        latin: say.putTogetherByYou,
      })),
    },
  ];
}

/** The animal and its plan under a reference of the list; undefined where there is none. */
export function subjectByRef(ref: string, creatures: readonly Creature[]): Subject | undefined {
  if (!ref.startsWith(OWN)) {
    const animal = ANIMALS.find((animal) => animal.id === ref);
    const plan = animal && planById(animal.planId);
    return animal && plan && { plan, animal };
  }
  const creature = creatures.find((creature) => OWN + creature.id === ref);
  return creature && findSubject({ animalId: creature.base, creature });
}

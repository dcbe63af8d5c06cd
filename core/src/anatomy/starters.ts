import * as say from './words.ts';
import { newCreature, type Creature, type Graft } from './creature.ts';

/** A creature of one's own to begin with, and what it is for. */
export interface Starter {
  readonly name: string;
  readonly why: string;
  readonly creature: (id: string) => Creature;
}

const lent = (part: Omit<Graft, 'at'> & Partial<Pick<Graft, 'at'>>): Graft => ({
  at: 0.85,
  ...part,
});

/**
 * Invented bodies that no animal has: put together from parts of the library, with their joints and
 * limits. Each is a beginning, to be changed.
 */
export const STARTERS: readonly Starter[] = Object.freeze<Starter[]>([
  {
    name: 'Hand-and-foot creature, six limbs',
    why: say.longBodyOnFour,
    creature: (id) => ({
      ...newCreature(id, say.handAndFootCreature, 'eurasian-otter'),
      size: 1.4,
      grafts: [
        lent({
          id: 'hands',
          name: 'Arms with hands',
          from: 'deinonychus',
          part: 'arms',
          onBone: 'thoracic',
          at: 1,
          size: 0.24,
        }),
      ],
    }),
  },
  {
    name: 'Winged beast',
    why: say.fourLegsAndPair,
    creature: (id) => ({
      ...newCreature(id, say.wingedBeast, 'grey-wolf'),
      grafts: [
        lent({
          id: 'feathered-wings',
          name: 'Feathered wings',
          from: 'grey-heron',
          part: 'wings',
          onBone: 'thoracic',
          size: 3,
        }),
      ],
    }),
  },
  {
    name: 'Long-bodied drake',
    why: say.crocodilesLongBodyWith,
    creature: (id) => ({
      ...newCreature(id, say.fenDrake, 'nile-crocodile'),
      size: 0.4,
      grafts: [
        lent({
          id: 'back-wings',
          name: 'Wings on the back',
          from: 'barn-owl',
          part: 'wings',
          onBone: 'dorsalFront',
          at: 0.6,
          size: 5,
        }),
      ],
    }),
  },
]);

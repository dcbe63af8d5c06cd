import { centreOfMass } from '../body/massCentre.ts';
import type { PlacedMass } from '../body/supports.ts';
import type { Point2 } from '../geometry/hull.ts';
import type { Footfall } from '../stance/stancePlan.ts';
import { forceShares } from '../posing/supportShares.ts';

/** What the feet and rods of a stance have to bear. */
export interface Bearing {
  /** Feet and rods that bear it. */
  readonly feet: readonly Footfall[];
  /** All weights but those that lie on the ground by themselves. */
  readonly masses: readonly PlacedMass[];
  /** Grams of them. */
  readonly grams: number;
  /** Share of it on each foot, in their order. */
  readonly shares: readonly number[];
}

/**
 * Who bears what: `resting` bones lie on the ground and load nothing. Where the body lies, rods only keep
 * it from turning; what rests on its belly bears nothing either.
 */
export function bearingOf(
  standing: readonly Footfall[],
  all: readonly PlacedMass[],
  resting: ReadonlySet<string>,
): Bearing {
  const feet = standing.filter(
    ({ contact }) => contact.kind === 'foot' || (contact.kind === 'rod' && resting.size === 0),
  );
  const masses = all.filter(({ boneId }) => !resting.has(boneId));
  const grams = masses.reduce((sum, mass) => sum + mass.grams, 0);
  const centre = centreOfMass(masses.map(({ at, grams: mass }) => ({ at, mass })));
  const shares =
    centre === undefined
      ? feet.map(() => 0)
      : forceShares(
          feet.map(({ ball }): Point2 => [ball[0], ball[2]]),
          [centre[0], centre[2]],
        );
  return { feet, masses, grams, shares };
}

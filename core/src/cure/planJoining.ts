import type { FittingsPlan } from '../fittings/fittingsPlan.ts';
import type { Skeleton } from '../anatomy/skeleton.ts';
import type { MassPlan } from '../mass/planMass.ts';
import type { Working } from '../piece/working.ts';
import type { WirePlan } from '../wire/wirePlan.ts';
import type { CurePlan } from './curePlan.ts';
import { planJoins } from './joins.ts';
import { bodyPartGrams, planFits } from './testFit.ts';

/** What joining reads. */
export interface JoiningInputs {
  readonly skeleton: Skeleton;
  readonly fittings: FittingsPlan;
  readonly wire: WirePlan;
  readonly mass: MassPlan | null;
  readonly clearanceMm: number;
}

/** How what is made apart is tried and joined, with the numbers of it. */
export function planJoining({ skeleton, fittings, wire, mass, clearanceMm }: JoiningInputs): Pick<
  CurePlan,
  'joins' | 'fits' | 'partGrams'
> & {
  readonly numbers: readonly Working[];
} {
  const { bodyParts, eyes } = fittings;
  const joins = planJoins(fittings.fittings, wire.shafts);
  const fits = planFits({ skeleton, bodyParts, joins, eyes, wires: wire.wires, clearanceMm });
  const partGrams = mass === null ? [] : bodyPartGrams(bodyParts, mass.masses, skeleton);
  // Sockets and pins are told where they come from.
  const ofParts = fits.filter(({ id }) => bodyParts.some(({ boneId }) => boneId === id));
  const numbers = [
    ...joins.flatMap(({ pin, drill, fillet }) => [pin, drill, fillet]),
    ...ofParts.flatMap(({ inner, bore, stop }) => [inner, bore, stop]),
    ...partGrams,
  ].filter((working) => working !== null);
  return { joins, fits, partGrams, numbers };
}

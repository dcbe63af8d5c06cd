import type { WireDecisions } from '../workshop/workpiece.ts';
import type { LimbPairSpec } from '../anatomy/bodyPlan.ts';
import type { LimbWay, SchemeId } from '../piece/wireSchema.ts';

/** A school of armature making: what it is, and what can go wrong with it. */
export interface Scheme {
  readonly id: SchemeId;
  readonly name: string;
  readonly what: string;
  readonly risk: string;
  /** How its limbs are made where nothing else is chosen. */
  readonly limbs: LimbWay;
}

/** The six schools of practice, all common practice. */
export const SCHEMES: readonly Scheme[] = Object.freeze([
  {
    id: 'bound-loops',
    name: 'Bound loops',
    what: 'a twisted spine, and one wire for each pair of limbs, wound round it and lashed',
    risk: 'a lashing that slips lets the whole leg turn inside the clay',
    limbs: 'loops',
  },
  {
    id: 'folded-pair',
    name: 'Folded pair',
    what: 'long wires folded at the middle, twisted into the trunk, their two ends running on as legs',
    risk: 'a leg that ends up short cannot be lengthened, as the wire is one with the trunk',
    limbs: 'folded',
  },
  {
    id: 'base-rods',
    name: 'Rods in the base',
    what: 'stiff rods bolted through the base stand up the legs, and the soft wire is bound along them',
    risk: 'the legs cannot be re-posed, and a hole in the wrong place shows in the stance',
    limbs: 'rods',
  },
  {
    id: 'back-iron',
    name: 'Back iron',
    what: 'one stiff rod from the base into the trunk carries all the weight; the rest is soft and re-poses',
    risk: 'the rod shows until the end and must be hidden or cut off, and the feet only touch',
    limbs: 'loops',
  },
  {
    id: 'coiled-trunk',
    name: 'Coiled trunk',
    what: 'the barrel is a coil of the spine’s own wire, which gives it bulk without a core',
    risk: 'a coil sags and twists under a heavy shell; clay pressed through it traps air',
    limbs: 'loops',
  },
  {
    id: 'no-wire',
    name: 'No wire',
    what: 'clay alone: for parts that are very small, or thick for their length',
    risk: 'anything thin droops in the oven and breaks afterwards',
    limbs: 'none',
  },
]);

/** The scheme with this id. */
export const schemeById = (id: SchemeId): Scheme => SCHEMES.find((scheme) => scheme.id === id)!;

/** How one pair of limbs is made: as the user has it, else as the scheme has it. */
export const wayOf = (
  { scheme, ways }: Pick<WireDecisions, 'scheme' | 'ways'>,
  pair: LimbPairSpec,
): LimbWay => {
  const way = ways[pair.id] ?? schemeById(scheme).limbs;
  // Ends that are folded run on from a folded trunk; beside another trunk they are loops.
  return way === 'folded' && scheme !== 'folded-pair' ? 'loops' : way;
};

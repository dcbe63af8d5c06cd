import { newBench } from '../piece/benchSchema.ts';
import { newWorkshop } from '../workshop/newWorkshop.ts';
import type { Workshop } from '../workshop/workshopSchema.ts';
import { ROUND_SCALES } from '../measure/roundScales.ts';
import { greatest } from '../geometry/extremes.ts';
import type { Creature } from '../anatomy/creature.ts';
import { buildSkeleton } from '../anatomy/skeleton.ts';
import { cutTo, type Extent } from '../anatomy/extent.ts';
import { subjectOf } from '../anatomy/subject.ts';
import type { Subject } from '../anatomy/subjectType.ts';
import { bodyBox } from '../body/blades.ts';
import { planSizes } from '../posing/planSizes.ts';
import { settledStance } from '../posing/settledStance.ts';
import { boxSize } from '../geometry/box.ts';
import { firstWires, type FirstWires } from './firstWires.ts';
import { NEW_CURE } from '../piece/cureSchema.ts';
import { NEW_FITTINGS } from '../piece/fittingsSchema.ts';
import { NEW_COLOUR } from '../piece/colourSchema.ts';
import { NEW_SKIN } from '../piece/skinSchema.ts';
import { PIECE_FORMAT, PIECE_VERSION, type Piece } from '../piece/pieceSchema.ts';
import { unreadClay } from '../mass/unreadClay.ts';
import { LIBRARY_SHAPE } from '../anatomy/shapeSchema.ts';

/** A grown animal of no particular sex. */
export const GROWN_UP = { sex: null, juvenility: 0 } as const;

/** Rods hold a swimming or flying body this high above its base, mm: common practice. */
export const ROD_MM = 60;

/** A piece that was measured on nothing yet. */
export const NO_REFERENCES: Piece['references'] = {
  pictures: [],
  specimen: { name: '', lifePerSpecimen: 1 },
  readings: {},
};

/** What a piece is of, and how much of it. */
type PieceOf = Pick<Piece['measure'], 'animalId' | 'creature' | 'extent'>;

const shownOf = (of: PieceOf): Subject => cutTo(subjectOf(of), of.extent);

function usualStance({ plan, animal }: Subject): string {
  const { stances } = plan;
  return (stances.find(({ id }) => id === animal.usualStance) ?? stances[0])?.id ?? 'standing';
}

/** A handy model is about this long, mm. */
const HANDY_MM: Readonly<Record<Extent, number>> = { whole: 300, head: 200, relief: 200 };

/** The round scale at which the animal comes nearest to a handy length and still fits the oven. */
function handyScale(of: PieceOf, { inside, airMm }: Workshop['oven']): number {
  const { plan, animal } = shownOf(of);
  const skeleton = buildSkeleton(plan, animal);
  const longest = greatest(planSizes(skeleton).map(({ mm }) => mm));
  const stance = { presetId: usualStance({ plan, animal }), anglesDeg: {}, lifted: null };
  const [long, high, wide] = boxSize(bodyBox(settledStance(skeleton, stance)));
  const fits = (n: number): boolean =>
    long <= n * (inside.lengthMm - 2 * airMm) &&
    high <= n * (inside.heightMm - 2 * airMm) &&
    wide <= n * (inside.widthMm - 2 * airMm);
  const off = (n: number): number => Math.abs(Math.log(longest / n / HANDY_MM[of.extent]));
  const fitting = ROUND_SCALES.filter(fits);
  return fitting.reduce((best, n) => (off(n) < off(best) ? n : best), ROUND_SCALES.at(-1)!);
}

/** What a stance starts with beside its angles: flat ground, nothing locked, no weight in it. */
export const NEW_STANCE = Object.freeze({
  gait: null,
  gaze: null,
  lids: 1,
  fan: 1,
  locked: [],
  ground: { kind: 'flat' },
  hold: 'base',
  weight: null,
  tiltDeg: 10,
  kept: [],
} satisfies Partial<Piece['stance']>);

/**
 * A new piece on sensible defaults: a round scale that makes a model of a forearm's length, standing,
 * soft aluminium, allowances of common practice; it fits the oven of the workshop. `id` must be unique
 * in the user's store.
 */
export function newPiece(
  id: string,
  name: string,
  animalId: string,
  oven: Workshop['oven'] = newWorkshop().oven,
  extent: Extent = 'whole',
): Piece {
  return pieceOn(id, name, { animalId, creature: null, extent }, oven);
}

/** A new piece of an own animal, which it carries along. */
export const newPieceOf = (
  id: string,
  name: string,
  creature: Creature,
  oven: Workshop['oven'] = newWorkshop().oven,
  extent: Extent = 'whole',
): Piece => pieceOn(id, name, { animalId: creature.base, creature, extent }, oven);

function pieceOn(id: string, name: string, of: PieceOf, oven: Workshop['oven']): Piece {
  const lifePerModel = handyScale(of, oven);
  const shown = shownOf(of);
  const first = firstWires(shown, lifePerModel);
  return {
    format: PIECE_FORMAT,
    version: PIECE_VERSION,
    id,
    name,
    place: '',
    measure: {
      ...of,
      individual: GROWN_UP,
      scale: { by: 'ratio', lifePerModel },
      onBoard: false,
      box: null,
      lifeLengths: {},
      shape: LIBRARY_SHAPE,
    },
    references: NO_REFERENCES,
    stance: {
      ...NEW_STANCE,
      hold: shown.plan.wall === undefined ? 'base' : 'wall',
      presetId: usualStance(shown),
      anglesDeg: {},
      lifted: null,
      beyondLimits: false,
      base: { lengthMm: null, widthMm: null, thicknessMm: 18, rodMm: ROD_MM },
    },
    wire: newWire(first),
    ...laterStages(),
    confirmed: [],
    suggested: null,
    accepted: {},
  };
}

/** One strand of soft aluminium, mm thick. */
export const softWire = (mm: number) =>
  ({ metal: 'aluminium-soft', size: { system: 'mm', value: mm }, strands: 1 }) as const;

/** The wire decisions that documents before version 6 did not know, on common practice. */
export const NEW_WIRE = Object.freeze({
  ways: {},
  rod: { metal: 'steel-annealed', size: null, thread: null, key: null },
  neckStrands: 0,
  taperTail: false,
  coilPitchInDiameters: 6,
  fine: {},
  routes: {},
  binder: {
    kind: 'tie-wire',
    metal: 'steel-annealed',
    size: { system: 'mm', value: 0.4 },
    turns: 3,
    tailMm: 15,
    overlapMm: 25,
  },
  posable: false,
  freeJoints: [],
  bendAt: 'start',
} satisfies Partial<Piece['wire']>);

/** Wire of a new piece: bound loops of soft aluminium, as thick as its limbs can hide. */
function newWire(first: FirstWires): Piece['wire'] {
  return {
    ...NEW_WIRE,
    scheme: 'bound-loops',
    spine: { ...softWire(first.spineMm), strands: 2 },
    limbs: Object.fromEntries(
      Object.entries(first.limbsMm).map(([pair, mm]) => [pair, softWire(mm)]),
    ),
    bendRadiusInDiameters: 1.5,
    coverMm: first.coverMm,
    twistPitchInDiameters: 10,
    allowancesMm: {
      fold: 25,
      hook: 40,
      tieEnd: 20,
      nutAndWashers: 8,
      margin: 5,
      marginPerBend: 1,
    },
    hipTurns: 2,
  };
}

/** The mass decisions that documents before version 7 did not know, on common practice. */
export const NEW_MASS = Object.freeze({
  vents: [],
  thickMm: 12,
  cards: null,
} satisfies Partial<Piece['mass']>);

/**
 * Defaults of the stages from Mass to Bench, of common practice: a 5 mm shell over packed kitchen
 * foil, firm oven clay by its class, a shell baked first, grey primer.
 */
export function laterStages(): Pick<
  Piece,
  'mass' | 'fittings' | 'cure' | 'skin' | 'colour' | 'bench'
> {
  return {
    mass: {
      clay: unreadClay('oven-firm', 'Firm oven clay'),
      shellClay: null,
      shells: {},
      shellMm: 5,
      skinMm: 2,
      sparePercent: 15,
      ...NEW_MASS,
    },
    fittings: NEW_FITTINGS,
    cure: NEW_CURE,
    skin: NEW_SKIN,
    colour: NEW_COLOUR,
    bench: newBench(),
  };
}

import type { FreedomName, GaitSpec, MoveSpec, StepGaitSpec } from '../../bodyPlan.ts';

/*
 * Gaits of four-footed mammals, from which an animal takes its own (`Animal.gaits`) with its own strides. Which
 * foot falls when, and for how long it stays, follows M. Hildebrand (Science 150, 1965; BioScience 39, 1989);
 * that the shoulder blade swings through 25 to 40 degrees, and that the back of a galloping carnivore bends at the
 * joint before the sacrum more than behind the ribs, is from descriptions of mammals that run, from memory.
 */

/** A joint that goes to and fro; see `MoveSpec`. */
export const move = (
  bone: string,
  freedom: FreedomName,
  meanDeg: number,
  swingDeg: number,
  peakAt: number,
  times: 1 | 2 = 1,
): MoveSpec => ({ bone, freedom, meanDeg, swingDeg, peakAt, times });

const FOLDS = {
  humerus: -6,
  radius: 42,
  metacarpus: -62,
  foreDigits: -40,
  femur: 10,
  tibia: -34,
  metatarsus: 26,
  hindDigits: -35,
} as const;

/** What an animal has of its own in a gait. */
type Own = Partial<Omit<StepGaitSpec, 'kind'>>;

/** When the middle of the suspended phase is: the body is gathered. */
const GATHERED = { gallop: 0.89, canter: 0.87, bound: 0.86 } as const;

/** A walk of four beats: the fore foot a quarter of the stride after the hind foot of its side. */
export const walk = (own: Own = {}): GaitSpec => ({
  ...{
    kind: 'steps',
    id: 'walk',
    name: 'Walk',
    duty: 0.65,
    sweep: 0.72,
    height: 0.955,
    lift: 0.12,
  },
  falls: { hindfoot: [0, 0.5], forefoot: [0.25, 0.75] },
  folds: FOLDS,
  driven: { scapula: 26 },
  moves: [
    move('neckLower', 'flexion', -6, 3, 0.1, 2),
    move('tail1', 'flexion', 4, 0, 0),
    move('tail2', 'abduction', 0, 6, 0.25),
    move('lumbar', 'abduction', 0, 3, 0.75),
  ],
  ...own,
});

/** Diagonal pairs, with a moment in the air. */
export const trot = (own: Own = {}): GaitSpec => ({
  ...{ kind: 'steps', id: 'trot', name: 'Trot', duty: 0.42, sweep: 0.82, height: 0.95, lift: 0.2 },
  falls: { hindfoot: [0, 0.5], forefoot: [0.5, 0] },
  folds: FOLDS,
  driven: { scapula: 30 },
  moves: [move('neckLower', 'flexion', -4, 0, 0), move('tail1', 'flexion', 10, 0, 0)],
  ...own,
});

/** The legs of one side together. */
export const pace = (own: Own = {}): GaitSpec => ({
  ...{ kind: 'steps', id: 'pace', name: 'Pace', duty: 0.45, sweep: 0.8, height: 0.955, lift: 0.16 },
  falls: { hindfoot: [0, 0.5], forefoot: [0, 0.5] },
  folds: FOLDS,
  driven: { scapula: 28 },
  moves: [
    move('neckLower', 'flexion', -6, 0, 0),
    move('tail1', 'flexion', 6, 0, 0),
    move('sacrum', 'rotation', 0, 3, 0.22),
  ],
  ...own,
});

/** Three beats: a hind foot, the other with the fore foot across, the leading fore foot. */
export const canter = (own: Own = {}): GaitSpec => ({
  ...{ kind: 'steps', id: 'canter', name: 'Canter', duty: 0.36, sweep: 0.86 },
  ...{ height: 0.93, lift: 0.24 },
  falls: { hindfoot: [0, 0.24], forefoot: [0.24, 0.48] },
  folds: FOLDS,
  driven: { scapula: 34 },
  moves: [
    move('sacrum', 'flexion', -1, 5, 0.85),
    move('lumbar', 'flexion', -5, -7, GATHERED.canter),
    move('thoracic', 'flexion', -5, -3, GATHERED.canter),
    move('neckLower', 'flexion', -8, -6, 0.1),
    move('tail1', 'flexion', 14, 6, 0.4),
  ],
  ...own,
});

const GALLOP_MOVES: readonly MoveSpec[] = [
  move('sacrum', 'flexion', 2, 8.5, 0.91),
  move('lumbar', 'flexion', -9, -14, GATHERED.gallop),
  move('thoracic', 'flexion', -4, -6, GATHERED.gallop),
  move('neckLower', 'flexion', -16, 8, GATHERED.gallop),
  move('tail1', 'flexion', 16, -10, GATHERED.gallop),
  move('tail2', 'flexion', 6, -6, GATHERED.gallop),
];

/** Four beats and a moment in the air, hind and fore feet falling to the same side: left, then right. */
export const gallop = (own: Own = {}): GaitSpec => ({
  ...{ kind: 'steps', id: 'gallop', name: 'Gallop', duty: 0.24, sweep: 0.98 },
  ...{ height: 0.9, lift: 0.26 },
  falls: { hindfoot: [0, 0.1], forefoot: [0.38, 0.49] },
  folds: FOLDS,
  driven: { scapula: 38 },
  moves: GALLOP_MOVES,
  ...own,
});

/** A gallop whose footfalls go round the body: hind left, hind right, fore right, fore left. */
export const rotaryGallop = (own: Own = {}): GaitSpec =>
  gallop({
    falls: { hindfoot: [0, 0.1], forefoot: [0.49, 0.38] },
    ...own,
  });

/** A fast walk without a moment in the air, as of what is too heavy to leave the ground. */
export const amble = (own: Own = {}): GaitSpec =>
  walk({
    ...{ id: 'amble', name: 'Amble', duty: 0.55, height: 0.955, lift: 0.1 },
    falls: { hindfoot: [0, 0.5], forefoot: [0.2, 0.7] },
    ...own,
  });

/** Hind feet together, fore feet nearly together, the back arched high between: what is long and short-legged. */
export const bound = (own: Own = {}): GaitSpec => ({
  ...{ kind: 'steps', id: 'bound', name: 'Bound', duty: 0.26, sweep: 0.95 },
  ...{ height: 0.93, lift: 0.3 },
  falls: { hindfoot: [0, 0.03], forefoot: [0.42, 0.47] },
  folds: FOLDS,
  driven: { scapula: 32 },
  moves: [
    // The rump tucks under as the back arches, so that the shoulders keep their height.
    move('sacrum', 'flexion', 8.8, 25, GATHERED.bound),
    move('lumbar', 'flexion', -8.5, -18.9, GATHERED.bound),
    move('thoracic', 'flexion', -0.6, -9.8, GATHERED.bound),
    move('neckLower', 'flexion', 2, 12, GATHERED.bound),
    // The tail trails behind, however the rump pitches.
    move('tail1', 'flexion', 12, 20, GATHERED.bound),
    move('tail2', 'flexion', 2, 6, GATHERED.bound),
  ],
  ...own,
});

/** What a mammal of which nothing else is told can do; canter and gallop lead with the right. */
export const MAMMAL_GAITS: readonly GaitSpec[] = Object.freeze([
  walk(),
  trot(),
  pace(),
  canter(),
  gallop(),
]);

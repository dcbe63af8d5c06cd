/* eslint-disable max-lines -- the gaits, as data */
import type { FreedomName, GaitSpec, MoveSpec } from '../../bodyPlan.ts';
import { move } from './mammalGaits.ts';

/*
 * Gaits of the body plans. Which foot falls when, and for how long it stays, follows M. Hildebrand
 * (Science 150, 1965; BioScience 39, 1989) for four-footed animals, and common descriptions of the
 * alternating tripod and tetrapod for six and eight legs; all from memory. How far a foot is lifted,
 * how a limb folds in the air and how a trunk sways are general knowledge, to be refined by eye.
 */

const BIPED_FOLDS = { femur: 16, tibia: -46, metatarsus: 34, hindDigits: -60 } as const;

/** Walk and run on two legs, with strides over the height of the hip. */
export const theropodGaits = (walkPerHip: number, runPerHip: number): readonly GaitSpec[] => [
  {
    kind: 'steps',
    id: 'walk',
    name: 'Walk',
    duty: 0.62,
    falls: { hindfoot: [0, 0.5] },
    sweep: 0.74,
    stridePerHip: walkPerHip,
    height: 0.96,
    lift: 0.18,
    folds: BIPED_FOLDS,
    moves: [
      move('sacrum', 'abduction', 0, 4, 0.05),
      move('dorsalRear', 'abduction', 0, -4, 0.05),
      move('neckLower', 'flexion', -4, 3, 0.1, 2),
      move('tail1', 'abduction', 0, 5, 0.1),
      move('tail2', 'abduction', 0, 7, 0.2),
      move('tail3', 'abduction', 0, 8, 0.3),
    ],
  },
  {
    kind: 'steps',
    id: 'run',
    name: 'Run',
    duty: 0.38,
    falls: { hindfoot: [0, 0.5] },
    sweep: 0.9,
    stridePerHip: runPerHip,
    height: 0.93,
    lift: 0.3,
    folds: { ...BIPED_FOLDS, tibia: -60 },
    moves: [
      move('sacrum', 'flexion', -4, 2, 0.2, 2),
      move('neckLower', 'flexion', -16, 4, 0.2, 2),
      move('skull', 'flexion', 12, 0, 0),
      move('tail1', 'flexion', 3, 3, 0.2, 2),
      move('tail1', 'abduction', 0, 6, 0.1),
      move('tail3', 'abduction', 0, 9, 0.3),
      move('radius.L', 'flexion', 40, 0, 0),
      move('radius.R', 'flexion', 40, 0, 0),
      move('metacarpus.L', 'flexion', -40, 0, 0),
      move('metacarpus.R', 'flexion', -40, 0, 0),
    ],
  },
];

const BIRD_FOLDS = { femur: 10, tibiotarsus: -34, tarsometatarsus: 16, toes: -70, hallux: 40 };

const TUCKED = (side: 'L' | 'R'): Record<string, { flexion: number }> => ({
  [`femur.${side}`]: { flexion: -50 },
  [`tibiotarsus.${side}`]: { flexion: 10 },
  [`tarsometatarsus.${side}`]: { flexion: -60 },
  [`toes.${side}`]: { flexion: -70 },
});
const BOTH = <T>(of: (side: 'L' | 'R') => Record<string, T>): Record<string, T> => ({
  ...of('L'),
  ...of('R'),
});

/** A spread wing at a height of its stroke, degrees of the shoulder. */
const WING = (raisedDeg: number, sweptDeg: number) =>
  BOTH((side) => ({
    [`humerus.${side}`]: { flexion: sweptDeg, abduction: raisedDeg },
    [`ulna.${side}`]: { flexion: -132 },
    [`manus.${side}`]: { flexion: 145 },
    [`primaries.${side}`]: { flexion: 8 },
  }));

export const BIRD_GAITS: readonly GaitSpec[] = Object.freeze<GaitSpec[]>([
  {
    kind: 'steps',
    id: 'walk',
    name: 'Walk',
    duty: 0.62,
    falls: { foot: [0, 0.5] },
    sweep: 0.66,
    height: 0.95,
    lift: 0.2,
    folds: BIRD_FOLDS,
    // A bird walks from the knee: its thigh hardly moves.
    driven: { femur: 20 },
    folded: ['wings'],
    moves: [
      // The head goes forward in jerks, twice a stride.
      move('neck1', 'flexion', -8, 8, 0.25, 2),
      move('neck2', 'flexion', 0, -6, 0.25, 2),
      move('neck3', 'flexion', 4, -2, 0.25, 2),
    ],
  },
  {
    kind: 'keyed',
    id: 'take-off',
    name: 'Take-off',
    moves: [],
    keys: [
      { at: 0, anglesDeg: { ...WING(10, 56) }, lifted: [] },
      {
        at: 0.22,
        anglesDeg: {
          ...WING(64, 52),
          synsacrum: { flexion: -22 },
          neck1: { flexion: -20 },
          'femur.L': { flexion: 16 },
          'femur.R': { flexion: 16 },
          'tibiotarsus.L': { flexion: -26 },
          'tibiotarsus.R': { flexion: -26 },
          'tarsometatarsus.L': { flexion: 12 },
          'tarsometatarsus.R': { flexion: 12 },
        },
        lifted: [],
      },
      {
        at: 0.45,
        anglesDeg: {
          ...WING(16, 66),
          synsacrum: { flexion: 10 },
          neck1: { flexion: -14 },
          'femur.L': { flexion: -26 },
          'femur.R': { flexion: -26 },
          'tibiotarsus.L': { flexion: 26 },
          'tibiotarsus.R': { flexion: 26 },
          'tarsometatarsus.L': { flexion: -22 },
          'tarsometatarsus.R': { flexion: -22 },
        },
        lifted: [],
      },
      {
        at: 0.6,
        anglesDeg: {
          ...WING(-30, 74),
          synsacrum: { flexion: 14 },
          neck1: { flexion: -16 },
          'femur.L': { flexion: -40 },
          'femur.R': { flexion: -40 },
          'tibiotarsus.L': { flexion: 34 },
          'tibiotarsus.R': { flexion: 34 },
          'tarsometatarsus.L': { flexion: -40 },
          'tarsometatarsus.R': { flexion: -40 },
          'toes.L': { flexion: -60 },
          'toes.R': { flexion: -60 },
        },
        lifted: ['foot.L', 'foot.R'],
      },
      {
        at: 0.8,
        anglesDeg: { ...WING(54, 56), ...BOTH(TUCKED), synsacrum: { flexion: 4 } },
        lifted: ['foot.L', 'foot.R'],
      },
      {
        at: 1,
        anglesDeg: { ...WING(-24, 72), ...BOTH(TUCKED), synsacrum: { flexion: -4 } },
        lifted: ['foot.L', 'foot.R'],
      },
    ],
  },
]);

export const PTEROSAUR_GAITS: readonly GaitSpec[] = Object.freeze<GaitSpec[]>([
  {
    kind: 'steps',
    id: 'walk',
    name: 'Walk on four limbs',
    duty: 0.68,
    falls: { hindfoot: [0, 0.5], hand: [0.25, 0.75] },
    sweep: 0.5,
    height: 0.97,
    lift: 0.14,
    folds: { humerus: -4, ulna: 26, femur: 14, tibia: -24 },
    held: { wingFinger1: 'metacarpus' },
    folded: ['wings'],
    moves: [move('neckLower', 'flexion', -4, 3, 0.2, 2)],
  },
]);

/** A wave from head to tail along a body: how far each joint bends, and how late it does. */
const wave = (
  freedom: FreedomName,
  joints: readonly (readonly [bone: string, swingDeg: number, lag: number])[],
): readonly MoveSpec[] =>
  joints.map(([bone, swingDeg, lag]) => move(bone, freedom, 0, swingDeg, lag));

export const SPRAWLER_GAITS: readonly GaitSpec[] = Object.freeze<GaitSpec[]>([
  {
    kind: 'steps',
    id: 'walk',
    name: 'Walk',
    duty: 0.66,
    // Nearly a trot: the fore foot falls four tenths of a stride after the hind foot of its side.
    falls: { hindfoot: [0, 0.5], forefoot: [0.4, 0.9] },
    sweep: 0.82,
    height: 1,
    lift: 0.16,
    folds: {},
    // The trunk is bent most when a hind foot falls, so that the foot is brought far forward; hips and
    // shoulders turn against each other, and the head keeps to the way.
    moves: [
      move('sacrum', 'abduction', 0, -16, 0.02),
      move('dorsalRear', 'abduction', 0, 6, 0.02),
      move('dorsalFront', 'abduction', 0, 24, 0.02),
      move('neck', 'abduction', 0, -14, 0.02),
      move('tail1', 'abduction', 0, 12, 0.1),
      move('tail2', 'abduction', 0, 12, 0.25),
      move('tail3', 'abduction', 0, 14, 0.4),
      move('tail4', 'abduction', 0, 14, 0.55),
    ],
  },
]);

export const INSECT_GAITS: readonly GaitSpec[] = Object.freeze<GaitSpec[]>([
  {
    kind: 'steps',
    id: 'tripod',
    name: 'Walk, three and three',
    duty: 0.5,
    falls: { forefoot: [0, 0.5], midfoot: [0.5, 0], hindfoot: [0, 0.5] },
    sweep: 0.5,
    height: 1,
    lift: 0.16,
    folds: {},
    moves: [],
  },
]);

export const SPIDER_GAITS: readonly GaitSpec[] = Object.freeze<GaitSpec[]>([
  {
    kind: 'steps',
    id: 'tetrapod',
    name: 'Walk, four and four',
    duty: 0.56,
    falls: { foot1: [0, 0.5], foot2: [0.5, 0], foot3: [0, 0.5], foot4: [0.5, 0] },
    sweep: 0.34,
    height: 1,
    lift: 0.12,
    folds: {},
    moves: [],
  },
]);

/**
 * A wave along the links of a serpent, the first behind the head: link i points A·sin 2π(t − w·i/n)
 * off the way it goes, so each joint bends by the slope of that, and the first link by itself.
 */
export const serpentGaits = (
  links: readonly string[],
  waves: number,
  offDeg: number,
): readonly GaitSpec[] => {
  const [root = '', ...others] = links;
  const perWave = (waves * 2 * Math.PI) / links.length;
  return Object.freeze<GaitSpec[]>([
    {
      kind: 'wave',
      id: 'undulation',
      name: 'In waves',
      moves: [
        move(root, 'abduction', 0, offDeg, 0.25),
        ...wave(
          'abduction',
          others.map((bone, i) => [bone, offDeg * perWave, (waves * (i + 0.5)) / links.length]),
        ),
        // The head goes first on the way that the body follows: it is the link before the first.
        move('skull', 'abduction', 0, offDeg * perWave, (-waves * 0.5) / links.length),
      ],
    },
  ]);
};

const STROKE = [
  ['skull', 3, 0.9],
  ['trunk2', 4, 0.1],
  ['trunk3', 8, 0.22],
  ['peduncle1', 13, 0.36],
  ['peduncle2', 18, 0.48],
  ['tailFin', 22, 0.62],
] as const;

export const SWIMMER_GAITS: readonly GaitSpec[] = Object.freeze<GaitSpec[]>([
  {
    kind: 'wave',
    id: 'side-to-side',
    name: 'Swimming, side to side',
    moves: wave('abduction', STROKE),
  },
  {
    kind: 'wave',
    id: 'up-and-down',
    name: 'Swimming, up and down',
    moves: wave('flexion', STROKE),
  },
]);
